import type { SchemaName } from '@potter/contract';
import { check, judge } from '@potter/contract/validators';
import type { FastifyInstance } from 'fastify';
import { Refused } from '../refused';

/** How a route names a schema of the contract. */
export const by = (name: SchemaName): { $id: SchemaName } => ({ $id: name });

const nameOf = (schema: unknown): SchemaName => (schema as { $id: SchemaName }).$id;

/** Answers that are text already. */
const TEXTS = new WeakMap<object, string>();

/** An answer put together from stored texts that were judged as they were read: it is neither built nor judged again. */
export function asText(json: string): object {
  const answer = {};
  TEXTS.set(answer, json);
  return answer;
}

/** Everything in and out of the API passes the contract's validators. */
export function holdToContract(app: FastifyInstance): void {
  app.setValidatorCompiler(({ schema }) => (value) => {
    const faults = check(nameOf(schema), value);
    if (faults.length === 0) return { value };
    const count = faults.length === 1 ? 'one place' : `${faults.length} places`;
    return {
      error: new Refused(
        'invalid',
        `What was sent is not right in ${count}. Nothing was changed.`,
        faults,
      ),
    };
  });
  app.setSerializerCompiler(({ schema }) => (value) => {
    const text = TEXTS.get(value as object);
    if (text !== undefined) return text;
    const faults = judge(nameOf(schema), value);
    if (faults.length > 0)
      throw new Error(`the answer breaks the contract: ${JSON.stringify(faults)}`);
    return JSON.stringify(value);
  });
}
