/** How many numbers each command of a path takes at a time (SVG 1.1, 8.3). An arc's flags may stand without a gap: its runs are left as they are. */
const TAKES: Readonly<Record<string, number>> = { m: 2, l: 2, h: 1, v: 1, c: 6, s: 4, q: 4, t: 2 };
/** A command and all that is said before the next; `e` belongs to a number. */
const RUN = /([mlhvcsqt])([^a-df-z]+)/gi;
/** A number, with the comma before it. */
const NUMBER = /\s*,?\s*([-+]?(?:\d+\.?\d*|\.\d+)(?:e[-+]?\d+)?)/gi;
/** How often a command is said anew: what parses a run takes time by its square. */
const TIMES = 64;

/**
 * The same path, its long runs of numbers broken by the command they belong to: "l 1 2 3 4 …" as "l 1 2 … l 3 4 …". Drawing programs write
 * a whole outline as one run.
 * @param path data as `readPath` takes it, sound or not
 */
export const inShortRuns = (path: string): string =>
  path.replace(RUN, (_, command: string, numbers: string) => {
    // What follows the first place moved to is drawn to (8.3.2).
    const again = { m: 'l', M: 'L' }[command] ?? command;
    const apart = TAKES[command.toLowerCase()]! * TIMES;
    let count = 0;
    const broken = numbers.replace(NUMBER, (said, number: string) =>
      count++ % apart === 0 && count > 1 ? again + number : said,
    );
    return command + broken;
  });
