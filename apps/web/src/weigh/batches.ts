import type { Weighing } from '@potter/core/mix';
import type { ToWeigh } from '@potter/core/plan';
import type { Vessel } from '@potter/core/vessel';

/** What the weigh-along is told of the things it weighs; a plan's palette, or a medium for the shelf. */
export interface Batches {
  readonly list: readonly ToWeigh[];
  /** Where it stands on the device, so that it goes on after a crash. */
  readonly place: string;
  readonly title: string;
  readonly stepG: number;
  readonly seed: number;
  readonly nameOf: (id: string) => string;
  /** Ids of what counts as paint. */
  readonly paints: ReadonlySet<string>;
  readonly chipOf: (
    batch: ToWeigh,
    line: number,
  ) => { readonly hexOverWhite: string; readonly hexOverBlack: string } | undefined;
  /** What a larger whole does to the pots it goes into. */
  readonly surplus: (
    batch: ToWeigh,
    wholeG: number,
    say: (g: number) => string,
  ) => string | undefined;
  /** What one of the artist's scoops holds of a powder, g. */
  readonly scoopG: (material: string) => number;
  /** The vessel a batch goes into, where that is not the artist's to choose. */
  readonly vesselOf?: (batch: ToWeigh) => Vessel | undefined;
  /** How a line goes in. */
  readonly lineSays?: (batch: ToWeigh, line: number) => string | undefined;
  /** Whether what is poured over can be made good with more of everything. */
  readonly rescues?: false;
  /** A batch is whole: what really went in. */
  readonly onMade: (batch: ToWeigh, weighing: Weighing) => void;
}
