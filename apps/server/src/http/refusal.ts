import type { Refusal, RefusalCode } from '@potter/contract';
import type { FastifyReply, FastifyRequest } from 'fastify';
import { troubleOf } from '../db/trouble';
import { Refused } from '../refused';

/** Gives every refusal, ours or the framework's, the one shape of the contract. */
export function refuseInOneShape(
  error: Error & { statusCode?: number; code?: string },
  request: FastifyRequest,
  reply: FastifyReply,
): FastifyReply {
  const trouble = error instanceof Refused ? undefined : troubleOf(error);
  const status = error.statusCode ?? (trouble ? 503 : 500);
  if (status >= 500) request.log.error(error);
  const body: Refusal = {
    error: {
      code:
        error instanceof Refused
          ? error.code
          : (trouble?.code ??
            FRAMEWORK[error.code ?? '']?.code ??
            (status >= 500 ? 'server' : 'request')),
      message:
        trouble !== undefined
          ? trouble.message
          : status >= 500
            ? 'Something went wrong in the studio’s server. Nothing was saved; try again.'
            : (FRAMEWORK[error.code ?? '']?.message ?? error.message),
      faults: error instanceof Refused ? [...error.faults] : [],
      ...(error instanceof Refused && error.revision !== undefined
        ? { revision: error.revision }
        : {}),
    },
  };
  return reply
    .code(status)
    .type('application/json; charset=utf-8')
    .serializer(JSON.stringify)
    .send(body);
}

const FRAMEWORK: Readonly<Record<string, { code: RefusalCode; message: string }>> = {
  FST_ERR_CTP_BODY_TOO_LARGE: {
    code: 'too-large',
    message: 'That is too large for the studio to take.',
  },
  FST_ERR_CTP_INVALID_MEDIA_TYPE: { code: 'not-json', message: 'Send it as application/json.' },
  FST_ERR_CTP_INVALID_JSON_BODY: { code: 'not-json', message: 'That is not JSON.' },
  FST_ERR_BAD_URL: { code: 'address', message: 'There is nothing at this address.' },
  FST_ERR_MAX_PARAM_LENGTH: { code: 'address', message: 'There is nothing at this address.' },
  FST_ERR_CTP_EMPTY_JSON_BODY: { code: 'not-json', message: 'There is no body.' },
};
