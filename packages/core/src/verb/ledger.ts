import type { Factors } from '../factor';
import { type Act, actOf, type Face } from '../flow/act';
import type { Desk, InCup, Scene, Take } from './define';
import { cupsOf, type Move, secondsOf, verbOf } from './move';
import { meanNu } from './thickness';

/** What stands on the table before the first move. */
export interface Table {
  readonly scene: Scene;
  /** One loading of each cup; a set has one for each of its pieces. */
  readonly cups: ReadonlyMap<string, InCup>;
  /** What has been set aside by use and mix, all pieces together. */
  readonly pots: readonly {
    readonly use: string;
    readonly mix: string;
    readonly ml: number;
    readonly g: number;
  }[];
  readonly viscosityOf: (mix: string) => number;
  readonly factors: Factors;
}

/** A move in the ledger. Amounts are for all pieces together. */
export interface Entry {
  readonly times: number;
  readonly takes: readonly Take[];
  /** What is left afterwards of what it took from. */
  readonly leaves: readonly Take[];
  /** Cups it would pour that an earlier move has emptied, and which move that was. */
  readonly dry: readonly { readonly cup: string; readonly by: string }[];
}

/** What flows on the first piece between two dryings. */
interface Flow {
  readonly acts: readonly Act[];
  /** The move each of them is of, by its id. */
  readonly moves: readonly string[];
  /** What of them goes on at once; see `PourScene`. */
  readonly turns?: readonly (readonly number[])[];
  /** Mean of all that these acts bring: kinematic viscosity, m²/s, and density. */
  readonly nu: number;
  /** The viscosity of each mix they bring, where these are not all alike. */
  readonly nuOf?: Readonly<Record<string, number>>;
  readonly densityGPerMl: number;
}

/** What is left of a mix in a cup or a pot. */
export interface Left {
  readonly cup?: string;
  readonly use?: string;
  readonly mix: string;
  readonly ml: number;
  readonly g: number;
}

/** A pour kept as accounts: every figure of paint taken and left, and what flows, come from it. */
export interface Ledger {
  readonly entries: readonly Entry[];
  /** Worked out when it is asked for: only the preview wants it. Up to where the piece is left to dry, or after so many dryings. */
  readonly flow: (dryings?: number) => Flow;
  /** After how many dryings something flows again, the fewest first. */
  readonly flowsAgain: readonly number[];
  /** What is left in the end in cups and pots, in the order it stands there, all pieces together. */
  readonly left: readonly Left[];
  /** Cups nothing has been poured from in the end, with what they hold, all loadings together. */
  readonly full: readonly { readonly cup: string; readonly ml: number; readonly g: number }[];
}

/** Mixes nearer than this, as a factor of their viscosities, run as one. */
const ALIKE = 1.02;
/** Less than this is nothing, mL. */
const NOTHING_ML = 1e-6;

/** Folds the moves over the table. A move takes from cups and pots as they are by then. */
export function keepLedger(moves: readonly Move[], table: Table): Ledger {
  const { areaCm2, outlineMm } = table.scene;
  const { entries, full, left, flowing } = fold(moves, table);
  return {
    entries,
    full,
    left,
    flowsAgain: [...new Set(flowing.map(({ dryings }) => dryings))].filter((n) => n > 0),
    flow: (dryings = 0) => {
      const turns = turnsOf(flowing.filter((lane) => lane.dryings === dryings));
      const lanes = turns.flat();
      const acts = lanes.flatMap((lane) => lane.acts);
      return {
        acts,
        moves: lanes.flatMap((lane) => lane.acts.map(() => lane.move)),
        ...(lanes.length > turns.length
          ? { turns: turns.map((turn) => turn.map((lane) => lane.acts.length)) }
          : {}),
        ...meansOf(acts, table, { areaCm2, outlineMm }),
      };
    },
  };
}

/** What a move does to the film, and the move it begins together with. */
interface Flowing {
  readonly move: string;
  readonly with?: string | undefined;
  readonly acts: readonly Act[];
  /** So many dryings came before. */
  readonly dryings: number;
}

/** Acts turn by turn; moves that begin together are lanes of one turn, that of the earliest of them. */
function turnsOf(flowing: readonly Flowing[]): readonly (readonly Flowing[])[] {
  const turns: Flowing[][] = [];
  const turnOf = new Map<string, Flowing[]>();
  for (const lane of flowing) {
    let turn = lane.with === undefined ? undefined : turnOf.get(lane.with);
    if (!turn) turns.push((turn = []));
    turn.push(lane);
    turnOf.set(lane.move, turn);
  }
  return turns;
}

/** Pieces whose cups stand alike: a move for one piece parts it from the rest. */
interface Group {
  readonly pieces: readonly number[];
  readonly cups: ReadonlyMap<string, InCup>;
}

function fold(moves: readonly Move[], table: Table) {
  const { scene } = table;
  let groups: readonly Group[] = [
    { pieces: Array.from({ length: scene.pieces }, (_, i) => i + 1), cups: table.cups },
  ];
  const started = new Map(table.pots.map((p) => [`${p.use} ${p.mix}`, { ml: p.ml, g: p.g }]));
  const pots = new Map([...started].map(([key, pot]) => [key, { ...pot }]));
  /** By piece and cup: which move emptied it. */
  const emptied = new Map<string, string>();
  const flowing: Flowing[] = [];
  let dryings = 0;
  let before: Group['cups'] = table.cups;
  let only: number | undefined;
  const desk: Desk = {
    ...scene,
    nuOf: nuIn(table),
    meanNu: () =>
      meanNu(
        [...[...table.cups.values()].flatMap(({ strata }) => strata), ...table.pots],
        nuIn(table),
      ),
    factors: table.factors,
    inPot: (use, mix) => {
      const [all, left] = [started, pots].map((p) => p.get(`${use} ${mix}`)?.ml ?? 0);
      // A move for one piece leaves the others theirs.
      return only === undefined ? left! / scene.pieces : Math.min(left!, all! / scene.pieces);
    },
    inCup: (id) => before.get(id),
  };
  const entries = moves.map((move): Entry => {
    const { each, does, setsFilm, onDry } = verbOf(move);
    if (setsFilm) dryings++;
    const flows = dryings === 0 || onDry === undefined;
    const times = each && move.piece === undefined ? scene.pieces : 1;
    if (!does) return { times, takes: [], leaves: [], dry: [] };
    only = each ? move.piece : undefined;
    if (only !== undefined) groups = parted(groups, only);
    const timed = { ...move, s: secondsOf(move) };
    const uses = cupsOf(move);
    const dry = new Map<string, string>();
    const takes: Take[] = [];
    groups = groups.map((group): Group => {
      const [first] = group.pieces;
      if (only !== undefined && first !== only) return group;
      before = group.cups;
      const done = does(timed, desk);
      if (flows && done.acts?.length && group.pieces.includes(1) && (move.piece ?? 1) === 1)
        flowing.push({ move: move.id, with: move.with, acts: done.acts, dryings });
      for (const cup of uses) {
        const by = emptied.get(`${first} ${cup}`);
        if (by !== undefined) dry.set(cup, by);
      }
      if (!done.takes || done.takes.length === 0) return group;
      const many = each ? group.pieces.length : 1;
      for (const { layersMl: _, ...take } of done.takes)
        takes.push({ ...take, ml: take.ml * many, g: take.g * many });
      const cups = taken(group.cups, done.takes);
      for (const { cup } of done.takes)
        if (cup !== undefined && cups.get(cup)!.ml <= NOTHING_ML)
          for (const piece of group.pieces) emptied.set(`${piece} ${cup}`, move.id);
      return { ...group, cups };
    });
    const summed = added(takes);
    for (const take of summed) takeFromPot(pots, take);
    return {
      times,
      takes: summed,
      leaves: summed.flatMap((take) => leftOf(take, groups, pots)),
      dry: [...dry].map(([cup, by]) => ({ cup, by })),
    };
  });
  const full = [...table.cups.keys()].flatMap((cup) => {
    const untouched = groups.filter((g) => g.cups.get(cup) === table.cups.get(cup));
    const loads = untouched.reduce((sum, g) => sum + g.pieces.length, 0);
    const { ml, g } = table.cups.get(cup)!;
    return loads > 0 && ml > NOTHING_ML ? [{ cup, ml: ml * loads, g: g * loads }] : [];
  });
  const left = [
    ...[...table.cups.keys()].flatMap((cup) => leftInCup(cup, groups, scene)),
    ...[...table.pots].map(({ use, mix }): Left => ({ use, mix, ...pots.get(`${use} ${mix}`)! })),
  ].filter(({ ml }) => ml > NOTHING_ML);
  return { entries, full, left, flowing };
}

/** What a cup still holds of each of its layers, all its loadings together. */
function leftInCup(cup: string, groups: readonly Group[], { densityOf }: Scene): Left[] {
  const layers = groups[0]?.cups.get(cup)?.strata ?? [];
  return layers.map(({ mix }, i) => {
    const ml = groups.reduce(
      (sum, { cups, pieces }) => sum + (cups.get(cup)?.strata[i]?.ml ?? 0) * pieces.length,
      0,
    );
    return { cup, mix, ml, g: ml * densityOf(mix) };
  });
}

/** The same groups with one piece in a group of its own. */
const parted = (groups: readonly Group[], piece: number): readonly Group[] =>
  groups.flatMap((group) =>
    group.pieces.length > 1 && group.pieces.includes(piece)
      ? [
          { ...group, pieces: [piece] },
          { ...group, pieces: group.pieces.filter((p) => p !== piece) },
        ]
      : [group],
  );

/** Cups with what was taken from them gone: of every layer alike, or of each what it gave. */
function taken(cups: Group['cups'], takes: readonly Take[]): Group['cups'] {
  if (!takes.some((t) => t.cup !== undefined)) return cups;
  const left = new Map(cups);
  for (const { cup, ml, g, layersMl } of takes) {
    const held = cup === undefined ? undefined : left.get(cup);
    if (cup === undefined || !held) continue;
    if (layersMl) {
      left.set(cup, {
        ...held,
        ml: Math.max(0, held.ml - ml),
        g: Math.max(0, held.g - g),
        strata: held.strata.map((s, k) => ({ ...s, ml: Math.max(0, s.ml - layersMl[k]!) })),
      });
      continue;
    }
    const share = held.ml > 0 ? Math.max(0, 1 - ml / held.ml) : 0;
    left.set(cup, {
      ...held,
      ml: held.ml * share,
      g: held.g * share,
      strata: held.strata.map((s) => ({ ...s, ml: s.ml * share })),
    });
  }
  return left;
}

/** Takes of one source together. */
function added(takes: readonly Take[]): readonly Take[] {
  if (takes.length < 2) return takes;
  const sums = new Map<string, Take>();
  for (const take of takes) {
    const key = [take.cup, take.use, take.mix, take.product].join(' ');
    const sum = sums.get(key);
    sums.set(key, sum ? { ...take, ml: sum.ml + take.ml, g: sum.g + take.g } : take);
  }
  return [...sums.values()];
}

function takeFromPot(
  pots: Map<string, { ml: number; g: number }>,
  { use, mix, ml, g }: Take,
): void {
  const pot = pots.get(`${use} ${mix}`);
  if (!pot) return;
  pot.ml = Math.max(0, pot.ml - ml);
  pot.g = Math.max(0, pot.g - g);
}

function leftOf(
  take: Take,
  groups: readonly Group[],
  pots: ReadonlyMap<string, { ml: number; g: number }>,
): Take[] {
  const { cup, use, mix } = take;
  if (cup !== undefined) {
    const sum = (of: 'ml' | 'g') =>
      groups.reduce((total, g) => total + (g.cups.get(cup)?.[of] ?? 0) * g.pieces.length, 0);
    return [{ cup, ml: sum('ml'), g: sum('g') }];
  }
  const pot = pots.get(`${use} ${mix}`);
  return pot && use && mix !== undefined ? [{ use, mix, ...pot }] : [];
}

/** Kinematic viscosity of a mix, m²/s; 1 g/mL = 1000 kg/m³. */
const nuIn =
  ({ scene, viscosityOf }: Table) =>
  (mix: string): number =>
    viscosityOf(mix) / (1000 * scene.densityOf(mix));

/** What flows, all in all: viscosity by logarithm and density, both by volume. */
function meansOf(
  acts: readonly Act[],
  table: Table,
  face: Face,
): Omit<Flow, 'acts' | 'moves' | 'turns'> {
  const brought = new Map<string, number>();
  for (const act of acts)
    for (const { mix, ml, sidesMl = 0 } of actOf(act).brings(act, face))
      brought.set(mix, (brought.get(mix) ?? 0) + ml - sidesMl);
  const parts = [...brought].map(([mix, ml]) => ({ mix, ml }));
  const ml = parts.reduce((sum, p) => sum + p.ml, 0);
  const g = parts.reduce((sum, p) => sum + p.ml * table.scene.densityOf(p.mix), 0);
  const nuOf = Object.fromEntries(parts.map(({ mix }) => [mix, nuIn(table)(mix)]));
  const nus = Object.values(nuOf);
  return {
    nu: meanNu(parts, nuIn(table)),
    ...(Math.max(...nus) > ALIKE * Math.min(...nus) ? { nuOf } : {}),
    // Water would do where nothing is poured.
    densityGPerMl: ml > 0 ? g / ml : 1,
  };
}
