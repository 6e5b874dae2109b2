import { checkPlan } from '@potter/core/plan';
import { by, named, type Routes } from '../http/contract';
import { Refused } from '../refused';
import type { PrintHost } from './host';

/** The large picture of a plan, for a print: it takes minutes, so it is begun, asked after and taken. */
export function printRoutes(app: Routes, host: PrintHost): void {
  const params = named('id');
  const response = { 200: by('PrintTold') };
  app.post(
    '/api/plans/:id/print',
    { schema: { params, body: by('PrintAsk'), response } },
    ({ params: { id }, body }) => {
      const faults = checkPlan(body.plan);
      if (faults.length > 0)
        throw new Refused('invalid', 'The plan refers to things it does not hold.', faults);
      return host.begin(id, body);
    },
  );
  app.get('/api/plans/:id/print', { schema: { params, response } }, ({ params: { id } }) =>
    host.told(id),
  );
  app.delete('/api/plans/:id/print', { schema: { params, response } }, ({ params: { id } }) =>
    host.drop(id),
  );
  app.get('/api/plans/:id/print/picture', { schema: { params } }, ({ params: { id } }, reply) => {
    const png = host.png(id);
    if (!png) throw new Refused('no-picture', 'There is no such print: it is made first.');
    // The same address is another picture once another is made.
    return reply
      .header('cache-control', 'no-store')
      .type('image/png')
      .serializer((as: Uint8Array) => Buffer.from(as.buffer) as unknown as string)
      .send(png);
  });
  app.addHook('onClose', () => host.close());
}
