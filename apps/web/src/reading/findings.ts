import type { Photograph as Taken } from '@potter/core/piece';
import { shiftedIn, unequalIn } from '@potter/core/reading';
import { trim } from '@potter/core/quantity';
import type { Column } from './column';
import type { Named } from './colour-words';

/** A change of colour that an eye tells, ΔE2000; and a difference in lightness or strength worth a word. */
const TOLD_FROM = 3;
const WORTH = 2;
/** So many are told of each. */
const MOST = 3;

/** A picture of the piece in one state, with how its light was known. */
export type StateColumn = Column & { readonly state: Taken['state'] };

/** What the preview over- or underrates, and how colours changed as they dried, in words. */
export function findings(
  preview: Column | undefined,
  taken: readonly StateColumn[],
  colours: readonly Named[],
): string[] {
  const nameOf = (id: string) => colours.find((colour) => colour.id === id)?.name ?? id;
  const of = (state: Taken['state']) => taken.find((column) => column.state === state);
  const last = taken.at(-1);
  const unequal =
    preview && last ? unequalIn(preview.answer.read.shares, last.answer.read.shares) : [];
  const more = unequal
    .slice(0, MOST)
    .map(
      ({ id, by }) =>
        `The preview shows ${trim(100 * Math.abs(by), 0)} points ${by > 0 ? 'more' : 'less'} of ${nameOf(id)} than came out.`,
    );
  const [wet, dry] = [of('wet'), of('dry')];
  return [
    ...(preview && last && more.length === 0
      ? ['No colour is more or less of it than the preview shows, within what a picture tells.']
      : more),
    ...(wet && dry ? dried(wet, dry, nameOf) : []),
  ];
}

function dried(wet: Column, dry: Column, nameOf: (id: string) => string): string[] {
  const known = ({ answer: { light } }: Column) => light === 'white' || light === 'grey';
  if (!known(wet) || !known(dry))
    return [
      'How colours changed as they dried is not told: that needs something white or grey pointed out in both pictures.',
    ];
  const shifts = shiftedIn(wet.answer.read.looks, dry.answer.read.looks).filter(
    ({ deltaE }) => deltaE >= TOLD_FROM,
  );
  if (shifts.length === 0) return ['No colour changed as it dried by what an eye would tell.'];
  return shifts.slice(0, MOST).map(({ id, deltaE, lighter, stronger }) => {
    const how = [
      ...(Math.abs(lighter) < WORTH ? [] : [lighter > 0 ? 'lighter' : 'darker']),
      ...(Math.abs(stronger) < WORTH ? [] : [stronger > 0 ? 'stronger' : 'duller']),
    ];
    return `${nameOf(id)} dried ${how.length > 0 ? how.join(' and ') : 'to another hue'}, by ΔE ${trim(deltaE, 0)}.`;
  });
}
