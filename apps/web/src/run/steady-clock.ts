/** What a clock reads by: the wall, which somebody may set, and a count of ms that only goes on. */
export interface Readings {
  readonly wall: () => number;
  readonly count: () => number;
}

export interface SteadyClock {
  /** The time in ms, like the wall's until the wall is set back; from then on the time as it would have been. */
  readonly now: () => number;
  /** How far the wall was set back, ms; 0 where it was not. */
  readonly setBackMs: () => number;
  /** Goes on from a moment that is known to be past: what an earlier page wrote down. */
  readonly notBefore: (moment: number) => void;
}

/** A wall read this much behind the count was set back; less is how the two are read one after the other. */
const SET_BACK_MS = 1500;

/**
 * A clock for timers. Where the wall falls behind the count it was set back, and the difference is put on. Where it runs ahead it is believed:
 * while a device sleeps some counts stand still, and a timer must not sleep with them.
 */
export function steadyClock({ wall, count }: Readings): SteadyClock {
  let lastWall = wall();
  let lastCount = count();
  let setBack = 0;
  const now = () => {
    const [w, c] = [wall(), count()];
    const behind = c - lastCount - (w - lastWall);
    if (behind > SET_BACK_MS) setBack += behind;
    lastWall = w;
    lastCount = c;
    return w + setBack;
  };
  return {
    now,
    setBackMs: () => setBack,
    notBefore: (moment) => {
      const behind = moment - now();
      if (behind > SET_BACK_MS) setBack += behind;
    },
  };
}
