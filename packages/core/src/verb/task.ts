import type { Surface } from '../surface/schema';
import type { Support } from '../surface/supports';
import type { CareCode } from './care';

/** Something done to the piece by hand that moves no paint: before the pour, or after it. */
export interface Task {
  readonly title: string;
  readonly says: string;
  readonly when: 'before' | 'after';
  readonly care: readonly CareCode[];
  /** What the ready check says of it, where a figure belongs to it. */
  readonly ready?: (at: { readonly runsOffG: number }) => string;
  /** Wants the film still soft: at the first drying, not the last. */
  readonly soft?: boolean;
  /** Whether a surface like this wants it, where the artist has not said otherwise. */
  readonly usual: (surface: Surface) => boolean;
}

const on =
  (...supports: Support[]) =>
  ({ support }: Surface) =>
    support !== undefined && supports.includes(support);

const CATCH = 'Lay a tray or a sheet below: what runs off can be used again.';

/** Every task in the order they are done (handbook 1, common practice). A new one is one entry here. */
const LIST = {
  'clean-oil': {
    title: 'Clean off the oil',
    says: 'The old pour held silicone, or may have: clean it with what the finisher of that paint names, twice, or nothing will hold.',
    when: 'before',
    care: ['slippery'],
    usual: ({ over }) => over !== undefined && over.silicone !== 'no',
  },
  'sand-ridges': {
    title: 'Sand the old ridges',
    says: 'Sand the old pour flat: ridges left under it show through.',
    when: 'before',
    care: ['dust'],
    usual: ({ over }) => over !== undefined,
  },
  sand: {
    title: 'Sand it rough',
    says: 'Sand it with 50 to 80 grit, so that paint has something to hold on to.',
    when: 'before',
    care: ['dust'],
    usual: on('object', 'metal', 'glass'),
  },
  wipe: {
    title: 'Wipe with alcohol',
    says: 'Wipe it with alcohol and let it dry quite dry, away from any flame.',
    when: 'before',
    care: ['open-flame'],
    usual: on('tile', 'glass', 'metal'),
  },
  mask: {
    title: 'Mask what stays bare',
    says: 'Mask every part that is to stay bare, and press the edges down.',
    when: 'before',
    care: [],
    usual: on('object'),
  },
  drum: {
    title: 'Tighten the canvas',
    says: 'Mist the back with water and warm it until it drums: a slack canvas pools in the middle.',
    when: 'before',
    care: [],
    usual: on('canvas'),
  },
  prime: {
    title: 'Prime it',
    says: 'Prime it and let it dry: raw ground drinks the paint.',
    when: 'before',
    care: [],
    usual: ({ absorbency }) => absorbency === 'raw',
  },
  spray: {
    title: 'Spray the ground',
    says: 'Spray the metallic ground and its sealer, and let both dry: then a mistake wipes off with a damp towel.',
    when: 'before',
    care: ['spray'],
    usual: ({ ground }) => ground.sprayed === true,
  },
  'tape-back': {
    title: 'Tape the back',
    says: 'Tape the back right up to the edge.',
    when: 'before',
    care: [],
    usual: ({ back }) => back === 'tape',
  },
  'seal-tape': {
    title: 'Seal the tape',
    says: 'Brush thinned glue along the edge of the tape and let it dry: paint creeps under an open edge.',
    when: 'before',
    care: [],
    usual: ({ back }) => back === 'tape',
  },
  'paint-edges': {
    title: 'Paint edges and corners',
    says: 'Paint edges and corners in the background colour: nothing stays bare there, and it shows early how that colour dries.',
    when: 'before',
    care: [],
    usual: ({ edgeDepthMm, coverEdges, rim }) =>
      rim.kind === 'open' && coverEdges && edgeDepthMm >= 15,
  },
  reject: {
    title: 'Look through the blanks',
    says: 'Put aside blanks with an uneven edge or a hollow: they do not pour like the others.',
    when: 'before',
    care: [],
    usual: ({ pieces }) => pieces > 3,
  },
  level: {
    title: 'Level it',
    says: 'Level it both ways with a spirit level; a folded paper under the low support is often enough.',
    when: 'before',
    care: [],
    usual: () => true,
  },
  raise: {
    title: 'Raise it',
    says: 'Stand it on upturned cups or four pins, well inside the edge, so that paint can drip free.',
    when: 'before',
    care: [],
    usual: ({ rim }) => rim.kind === 'open',
  },
  tray: {
    title: 'Tray below',
    says: CATCH,
    when: 'before',
    care: [],
    ready: ({ runsOffG }) =>
      runsOffG > 0 ? `${CATCH} About ${Math.round(runsOffG)} g run off.` : CATCH,
    usual: ({ rim }) => rim.kind === 'open',
  },
  'peel-tape': {
    title: 'Peel off the tape',
    soft: true,
    says: 'Peel the tape off the back while the paint at the edge is still soft, and cut what strings.',
    when: 'after',
    care: [],
    usual: ({ back }) => back === 'tape',
  },
  'sand-back': {
    title: 'Sand the back clean',
    says: 'Sand the drips off the back once they are hard.',
    when: 'after',
    care: ['dust'],
    usual: ({ back }) => back === 'sand',
  },
  'peel-warm': {
    title: 'Peel the tape warm',
    soft: true,
    says: 'Warm the edge with a dryer and peel the tape off slowly: the drips come with it. Cold it tears.',
    when: 'after',
    care: ['mains'],
    usual: () => false,
  },
  'dark-rim': {
    title: 'Rim of the back',
    says: 'Paint the rim of the back in the darkest colour, and let it dry.',
    when: 'after',
    care: [],
    usual: () => false,
  },
  stamp: {
    title: 'Stamp and sign',
    says: 'Stamp or sign the back: title, date, what it is made of.',
    when: 'after',
    care: [],
    usual: () => false,
  },
  cork: {
    title: 'Cork on the back',
    says: 'Glue cork on the back, a little smaller than the piece, and weight it until it holds.',
    when: 'after',
    care: [],
    usual: () => false,
  },
  feet: {
    title: 'Feet',
    says: 'Stick feet on the back, each well inside the edge.',
    when: 'after',
    care: [],
    usual: () => false,
  },
  hanger: {
    title: 'Hanger',
    says: 'Fix the hanger and the wire; hang it once and see that it hangs straight.',
    when: 'after',
    care: [],
    usual: () => false,
  },
} as const satisfies Readonly<Record<string, Task>>;

export type TaskId = keyof typeof LIST;

export const TASKS: Readonly<Record<TaskId, Task>> = LIST;

export const TASK_IDS = Object.keys(TASKS) as TaskId[];

/** What a surface like this usually wants done before or after the pour, in order. */
export const usualTasks = (surface: Surface, when: Task['when']): TaskId[] =>
  TASK_IDS.filter((id) => TASKS[id].when === when && TASKS[id].usual(surface));
