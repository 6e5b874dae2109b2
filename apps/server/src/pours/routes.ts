import { checkPlan } from '@potter/core/plan';
import { by, type Routes } from '../http/contract';
import { Refused } from '../refused';
import type { PourHost } from './host';

/** Pictures are judged by as many pixels as a phone shows where nothing is said. */
const USUAL_PX = 256;

/** A pour computed by the studio's own machine: for whoever has none of the page's workers. */
export function pourRoutes(app: Routes, host: PourHost): void {
  app.post(
    '/api/pours',
    { schema: { body: by('PourAsk'), response: { 200: by('PourAnswer') } } },
    async ({ body: { plan, seed, px = USUAL_PX } }) => {
      const faults = checkPlan(plan);
      if (faults.length > 0)
        throw new Refused('invalid', 'The plan refers to things it does not hold.', faults);
      return host.run({ plan, px, ...(seed === undefined ? {} : { seed }) });
    },
  );
}
