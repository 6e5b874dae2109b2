import {
  beginWeighing,
  nextLine,
  rescued,
  taken,
  takenBack,
  type Weighing,
} from '@potter/core/mix';
import type { ToWeigh } from '@potter/core/plan';

/** How far the weighing of a palette has come; kept on the device after every step. */
export interface Palette {
  /** The batch on the scale, counted among those to weigh. */
  readonly at: number;
  readonly weighings: Readonly<Record<string, Weighing>>;
  /** A fresh cup is to be put on before the next begins. */
  readonly waiting: boolean;
}

const key = ({ kind, id }: ToWeigh): string => `${kind} ${id}`;

export const START: Palette = { at: 0, weighings: {}, waiting: true };

/** The weighing of one batch; begun anew where its recipe has changed since and nothing is in yet. */
export function weighingOf(palette: Palette, batch: ToWeigh): Weighing {
  const known = palette.weighings[key(batch)];
  return known && known.lines.some((l) => l.actualG !== undefined)
    ? known
    : beginWeighing(batch.id, batch.steps);
}

const withWeighing = (palette: Palette, batch: ToWeigh, weighing: Weighing): Palette => ({
  ...palette,
  weighings: { ...palette.weighings, [key(batch)]: weighing },
});

/** Enters what went in; when the batch is whole the next cup is waited for. */
export function take(palette: Palette, batch: ToWeigh, g: number): Palette {
  const weighing = taken(weighingOf(palette, batch), g);
  const entered = withWeighing(palette, batch, weighing);
  return nextLine(weighing) < 0 ? { ...entered, at: palette.at + 1, waiting: true } : entered;
}

/** Makes good what was poured over: enters it, and lets the rest grow. */
export function rescue(palette: Palette, batch: ToWeigh, g: number, stepG: number): Palette {
  const { weighing } = rescued(taken(weighingOf(palette, batch), g), stepG);
  const entered = withWeighing(palette, batch, weighing);
  return nextLine(weighing) < 0 ? { ...entered, at: palette.at + 1, waiting: true } : entered;
}

/** Takes back the last addition, also of the batch before where nothing is in this one yet. */
export function undo(palette: Palette, batches: readonly ToWeigh[]): Palette {
  const batch = batches[palette.at];
  const begun = batch && weighingOf(palette, batch).lines.some((l) => l.actualG !== undefined);
  const at = begun ? palette.at : palette.at - 1;
  const target = batches[at];
  if (!target) return palette;
  return {
    ...withWeighing(palette, target, takenBack(weighingOf(palette, target))),
    at,
    waiting: false,
  };
}
