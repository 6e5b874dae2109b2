import { STREAM_BINS } from '../cup/withdraw';
import { type Cores, FOLDED } from './cores';
import { type Correlated, emptyCorrelated, MOST_RUNS } from './correlated';
import { emptyStretches, knotWriter } from './knots';

/** Runs of paint a core is told by at the most; what lies deeper is hidden by them. */
const MOST_OWN = 24;
/** What it costs to let a run pinch out, as a share of the cup that two runs of one act, taken for one, lie apart. */
const PINCH = 0.15;
/** And what it costs that one lies deeper than the other, a share of the film: of two runs of an act one after the other that one lacks, the one pinches out where it is. */
const DEEPER = 0.05;
/** How far from a fold in one core the same part of the act's paint may lie in its neighbour and be taken for the other side of it, a share of the film. */
const STEEP_WITHIN = 0.1;

/** A core's runs, another act's paint or another fold of the same: `first[run]` to before `first[run + 1]` are its knots. */
interface Runs {
  count: number;
  readonly first: Int32Array;
}

/** Which of its runs each core has at each place of a sequence, four entries a place, −1 for none. */
interface Sequence {
  count: number;
  readonly of: Int8Array;
}
const emptySequence = (): Sequence => ({ count: 0, of: new Int8Array(4 * 2 * MOST_RUNS) });

/**
 * Correlates the cores at the corners of cells, one cell after the other. What is returned is written anew for the next cell.
 * Cores are joined to a sequence that holds the runs of each in their order, the cheapest there is: alike runs are one, the rest pinch out.
 */
export function correlator(cores: Cores): (corners: readonly number[]) => Correlated {
  const { z, source, bin } = cores;
  const runs = [0, 1, 2, 3].map((): Runs => ({ count: 0, first: new Int32Array(MOST_OWN + 1) }));
  const out = emptyCorrelated();
  const write = knotWriter(cores, out);
  const at = emptyStretches();
  let sequence = emptySequence();
  let longer = emptySequence();
  /** Least cost of joining the first `m` places of the sequence with a core's first `i` runs. */
  const least = new Float64Array((MOST_RUNS + 1) * (MOST_OWN + 1));
  const WIDE = MOST_OWN + 1;

  function read(core: number, own: Runs): void {
    own.count = 0;
    let end = cores.past[core]!;
    for (let k = cores.first[core]!; k < end; k++)
      if (cores.begins[k] !== 0) {
        if (own.count < MOST_OWN) own.first[own.count++] = k;
        else end = k;
      }
    own.first[own.count] = end;
  }

  /** Parts runs that are only steep where a neighbour's of the same act lies in folds, so that both are told in as many parts. */
  function partSteep(): void {
    for (let c = 0; c < 4; c++) {
      const { first, count } = runs[c]!;
      for (let other = 0; other < 4; other++) {
        if (other === c || runs[other]!.count === 0) continue;
        let from = runs[other]!.first[0]! + 1;
        for (let run = 1; run < count; run++) {
          const at = first[run]!;
          if (cores.begins[at] === FOLDED) from = partAt(runs[other]!, at, from);
        }
      }
    }
  }

  /**
   * Parts the run that goes through the middle of a fold nearest to its height, unless a fold does.
   * @param from no knot before it is near
   * @returns the same for a fold below
   */
  function partAt(own: Runs, fold: number, from: number): number {
    const end = own.first[own.count]!;
    const [act, middle, height] = [source[fold]!, (bin[fold]! + bin[fold - 1]!) / 2, z[fold]!];
    while (from < end && z[from]! > height + STEEP_WITHIN) from++;
    let best = -1;
    let least = STEEP_WITHIN;
    for (let k = from; k < end && z[k]! > height - least; k++) {
      if (bin[k]! > middle === bin[k - 1]! > middle) continue;
      if (source[k] !== act || source[k - 1] !== act) continue;
      const apart = Math.abs(z[k]! - height);
      if (apart >= least) continue;
      least = apart;
      best = k;
    }
    // Where it is a fold there too, there is nothing to part.
    if (best < 0 || cores.begins[best] !== 0 || own.count === MOST_OWN) return from;
    let run = own.count;
    while (own.first[run]! > best) run--;
    if (own.first[run] === best) return from;
    own.first.copyWithin(run + 2, run + 1, own.count + 1);
    own.first[run + 1] = best;
    own.count++;
    return from;
  }

  /** The first corner that has a place of the sequence. */
  const cornerOf = (place: number): number => {
    let c = 0;
    while (sequence.of[4 * place + c]! < 0) c++;
    return c;
  };

  /** Where a run ends. */
  const lowOf = ({ first, count }: Runs, run: number): number =>
    run + 1 < count ? z[first[run + 1]!]! : 0;

  /** What it costs to take a run for the one at a place of the sequence. */
  const unlike = (place: number, own: Runs, run: number): number => {
    const c = cornerOf(place);
    const [theirs, had] = [runs[c]!, sequence.of[4 * place + c]!];
    const [a, b] = [theirs.first[had]!, own.first[run]!];
    if (source[a] !== source[b]) return Infinity;
    const deeper = Math.abs(z[a]! - z[b]!) + Math.abs(lowOf(theirs, had) - lowOf(own, run));
    return Math.abs(bin[a]! - bin[b]!) / STREAM_BINS + DEEPER * deeper;
  };

  /** Joins a core to the sequence. */
  function join(corner: number): void {
    const own = runs[corner]!;
    if (same(own)) {
      for (let m = 0; m < own.count; m++) sequence.of[4 * m + corner] = m;
      return;
    }
    for (let m = 0; m <= sequence.count; m++)
      for (let i = 0; i <= own.count; i++) {
        let cost = m + i === 0 ? 0 : Infinity;
        if (m > 0) cost = Math.min(cost, least[(m - 1) * WIDE + i]! + PINCH);
        if (i > 0) cost = Math.min(cost, least[m * WIDE + i - 1]! + PINCH);
        if (m > 0 && i > 0)
          cost = Math.min(cost, least[(m - 1) * WIDE + i - 1]! + unlike(m - 1, own, i - 1));
        least[m * WIDE + i] = cost;
      }
    // Back from the ground up, then turned over.
    let [m, i] = [sequence.count, own.count];
    let count = 0;
    const to = longer.of;
    while (m + i > 0) {
      const cost = least[m * WIDE + i]!;
      const alone = i > 0 && cost === least[m * WIDE + i - 1]! + PINCH;
      const without = !alone && m > 0 && cost === least[(m - 1) * WIDE + i]! + PINCH;
      for (let c = 0; c < 4; c++) to[4 * count + c] = alone ? -1 : sequence.of[4 * (m - 1) + c]!;
      to[4 * count + corner] = without ? -1 : i - 1;
      count++;
      if (!alone) m--;
      if (!without) i--;
    }
    for (let a = 0, b = count - 1; a < b; a++, b--)
      for (let c = 0; c < 4; c++) [to[4 * a + c], to[4 * b + c]] = [to[4 * b + c]!, to[4 * a + c]!];
    longer.count = Math.min(count, MOST_RUNS);
    [sequence, longer] = [longer, sequence];
  }

  /** Whether a core has just the runs of the sequence. */
  function same(own: Runs): boolean {
    if (own.count !== sequence.count) return false;
    for (let m = 0; m < own.count; m++) if (!(unlike(m, own, m) < PINCH)) return false;
    return true;
  }

  function tell(): void {
    const { of, count } = sequence;
    let run = 0;
    let knot = 0;
    for (let m = 0; m < count; m++, run++) {
      out.knots[run] = knot;
      for (let c = 0; c < 4; c++) {
        const own = of[4 * m + c]!;
        out.has[4 * run + c] = own >= 0 ? 1 : 0;
        if (own < 0) continue;
        const { first } = runs[c]!;
        out.tops[4 * run + c] = z[first[own]!]!;
        out.source[run] = source[first[own]!]!;
        at.from[c] = first[own]!;
        at.upTo[c] = first[own + 1]!;
        at.lows[c] = lowOf(runs[c]!, own);
      }
      knot = write(run, knot, at);
    }
    out.runs = run;
    out.knots[run] = knot;
    // What a corner lacks has pinched out where the next that it has begins.
    for (let c = 0; c < 4; c++) {
      out.tops[4 * run + c] = 0;
      for (let m = run - 1; m >= 0; m--)
        if (!out.has[4 * m + c]) out.tops[4 * m + c] = out.tops[4 * (m + 1) + c]!;
    }
  }

  return (corners) => {
    sequence.count = 0;
    corners.forEach((core, c) => {
      read(core, runs[c]!);
      out.corners[c] = runs[c]!.count > 0 ? 1 : 0;
    });
    partSteep();
    for (let c = 0; c < 4; c++) {
      const { count } = runs[c]!;
      if (count === 0) {
        for (let m = 0; m < sequence.count; m++) sequence.of[4 * m + c] = -1;
      } else if (sequence.count === 0) {
        sequence.count = count;
        sequence.of.fill(-1);
        for (let m = 0; m < count; m++) sequence.of[4 * m + c] = m;
      } else join(c);
    }
    tell();
    return out;
  };
}
