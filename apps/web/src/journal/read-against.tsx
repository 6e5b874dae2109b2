import {
  type Photograph as Taken,
  withCell,
  withoutCell,
  withoutTold,
  withTold,
} from '@potter/core/piece';
import type { Plan } from '@potter/core/plan';
import { WhatItSays } from '@/reading/what-it-says';
import type { Change } from './change';

/** The photographs of a piece read against its plan and the plan's preview. */
export function ReadAgainst({
  taken,
  plan,
  change,
}: {
  readonly taken: readonly Taken[];
  readonly plan: Plan;
  readonly change: Change;
}) {
  return (
    <WhatItSays
      taken={taken}
      plan={plan}
      colour={{
        onTell: (picture, told) => change((piece) => withTold(piece, picture, told)),
        onTakeBack: (picture, nth) => change((piece) => withoutTold(piece, picture, nth)),
      }}
      cell={{
        onTell: (picture, told) => change((piece) => withCell(piece, picture, told)),
        onTakeBack: (picture, nth) => change((piece) => withoutCell(piece, picture, nth)),
      }}
    />
  );
}
