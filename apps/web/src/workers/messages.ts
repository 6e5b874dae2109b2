import type { Contour, Doing, Outcome, PourAsk, SpotLayer } from '@potter/core/flow';

/** What the page asks of the worker. A later `show` takes the place of an earlier one. */
export type Ask =
  | (PourAsk & {
      readonly kind: 'show';
      /** Told back with every answer, so that late ones can be known. */
      readonly job: number;
    })
  | { readonly kind: 'stop' }
  /** A worker at the other end of this port helps it, or is to be helped by it. */
  | { readonly kind: 'helped' | 'help'; readonly port: MessagePort }
  /** The one that helps it has broken. */
  | { readonly kind: 'alone' }
  | { readonly kind: 'drill'; readonly spot: number; readonly xMm: number; readonly yMm: number };

export type View = NonNullable<PourAsk['view']>;

export type Answer =
  | {
      readonly kind: 'progress';
      readonly job: number;
      readonly doing: Doing;
      readonly share: number;
    }
  | {
      readonly kind: 'picture';
      readonly job: number;
      readonly width: number;
      readonly height: number;
      /** Red, green, blue, alpha of each pixel. */
      readonly rgba: ArrayBuffer;
      readonly contours?: readonly Contour[];
      /** No finer one follows. */
      readonly finished: boolean;
    }
  /** What came of it, after each picture. */
  | { readonly kind: 'outcome'; readonly job: number; readonly outcome: Outcome }
  /** A core of each pour, the last first. */
  | {
      readonly kind: 'core';
      readonly spot: number;
      readonly cores: readonly (readonly SpotLayer[])[];
    }
  | { readonly kind: 'failed'; readonly job: number; readonly why: string };

export type { Doing };
