import { type Sheets, sheetsWith } from '../coat';
import { type Factors, factorsWith } from '../factor';
import type { Move } from '../verb';
import { coatable, cured, type DryingFilm, touchDry } from './dry';
import type { Span } from './span';
import { type Stage, stagesOf } from './stages';

/** What a piece may have done to it on its way: what its film allows, and the stages that are planned for it. */
export type PathWord = 'touch' | 'handle' | 'clean' | 'coat' | 'stage' | 'cured';

/** Something that becomes possible, hours after the stage the path begins at has ended. */
export interface PathAct extends Span {
  readonly act: PathWord;
  readonly why: string;
  /** The stage whose film it is, or that begins; that of the pour is 0. */
  readonly stage: number;
  /** What the stage is called, where it is not the pour's. */
  readonly title?: string;
}

/** A film that takes longer than five years does not dry: nothing is forecast beyond. */
const MOST_H = 5 * 365 * 24;

const UNTIL = { touch: touchDry, clean: coatable, coat: coatable, cured } as const;

/** How a stage's film dries, a reaction or as paint does. */
const REACTS: Readonly<Record<keyof Sheets, boolean>> = { resin: true, varnish: false };

/**
 * All that may be done to a piece after one of its stages, to the day it is cured through. At the earliest as the mean of a film, at the latest as
 * where it is thickest: that decides.
 * @param film of a pour, as it is left to dry
 * @param from the stage that has ended
 * @param films of pours known one by one, by their stage
 */
export function pathOf(
  moves: readonly Move[],
  film: DryingFilm,
  {
    sheets = sheetsWith(),
    from = 0,
    films,
  }: {
    readonly sheets?: Sheets;
    readonly from?: number;
    readonly films?: ReadonlyMap<number, DryingFilm>;
  } = {},
  factors: Factors = factorsWith(),
): readonly PathAct[] {
  const stages = stagesOf({ moves });
  const acts: PathAct[] = [];
  let at: Span = { fromH: 0, toH: 0 };
  for (let nth = from; nth < Math.max(1, stages.length); nth++) {
    const stage = stages[nth];
    const lies = filmOf(stage, films?.get(nth) ?? film, sheets);
    const { thickestMm = lies.wetMm } = lies;
    const dries = (of: typeof touchDry): Span => ({
      fromH: at.fromH + of(lies, factors).fromH,
      toH: at.toH + of({ ...lies, wetMm: Math.max(lies.wetMm, thickestMm) }, factors).toH,
    });
    const push = (act: PathWord, span: Span, why: string, of = nth) => {
      const title = stages[of]?.title;
      acts.push({
        act,
        fromH: Math.min(span.fromH, MOST_H),
        toH: Math.min(span.toH, MOST_H),
        why,
        stage: of,
        ...(of > 0 && title !== undefined ? { title } : {}),
      });
    };
    const next = stages[nth + 1];
    push('touch', dries(touchDry), lies.sheet ? sheetWhy(lies) : filmWhy(lies));
    if (nth === 0) {
      const { fromH, toH } = dries(touchDry);
      const [soonest, latest] = [fromH, toH].map((h) => Math.max(factors['handled-after'], h));
      push('handle', { fromH: soonest!, toH: latest! }, TURNED_WHY[lies.small ? 'small' : 'large']);
    }
    if (nth === 0 && lies.oily && !next) {
      push('clean', dries(coatable), 'oil in a mix has to come off before a coat');
      push('coat', dries(coatable), coatWhy(lies));
    }
    if (!next) {
      push('cured', dries(cured), 'dry right through');
      break;
    }
    const waits = stage!.until.map((until) => dries(UNTIL[until]));
    at = {
      fromH: Math.max(...waits.map(({ fromH }) => fromH)),
      toH: Math.max(...waits.map(({ toH }) => toH)),
    };
    const asked = stage!.until.some((until) => UNTIL[until] === coatable) && !lies.sheet;
    push('stage', at, asked ? coatWhy(lies) : UNTIL_WHY[stage!.until.at(-1)!], nth + 1);
  }
  return acts;
}

/** The film a stage leaves. */
function filmOf(stage: Stage | undefined, poured: DryingFilm, sheets: Sheets): DryingFilm {
  if (stage?.filmMm === undefined) return poured;
  const { tempC, rh } = poured;
  const sheet = stage.sheet && { ...sheets[stage.sheet], reacts: REACTS[stage.sheet] };
  return {
    wetMm: Math.max(0.1, stage.filmMm),
    tempC,
    rh,
    small: false,
    oily: false,
    ...(sheet ? { sheet } : {}),
  };
}

const UNTIL_WHY = {
  touch: 'once it is dry to the touch',
  clean: 'once the oil can be wiped off',
  coat: 'once its sheet allows the next coat',
  cured: 'once it has cured',
} as const;

const TURNED_WHY = {
  small: 'small pieces feel dry long before they are',
  large: 'what lies against it sooner leaves its mark',
} as const;

const coatWhy = ({ waiting }: DryingFilm): string =>
  waiting === undefined ? 'a day by one school, a week by the other' : 'by your school of waiting';

const filmWhy = ({ wetMm, thickestMm = wetMm, tempC, rh }: DryingFilm): string =>
  `${round1(wetMm)} mm of wet film${thickestMm > wetMm ? `, ${round1(thickestMm)} at its thickest,` : ''} at ${tempC} °C and ${rh} % damp`;

const sheetWhy = ({ tempC }: DryingFilm): string => `by its sheet, at ${tempC} °C`;

const round1 = (n: number): number => Math.round(n * 10) / 10;
