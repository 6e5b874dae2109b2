import { registry } from '../../registry';
import type { ActDefinition } from './define';
import { blade } from './blade';
import { clear } from './clear';
import { dip } from './dip';
import { drag } from './drag';
import { drop } from './drop';
import { heat } from './heat';
import { jet } from './jet';
import { overlay } from './overlay';
import { press } from './press';
import { pull } from './pull';
import { rest } from './rest';
import { scrape } from './scrape';
import { spin } from './spin';
import { stream } from './stream';
import { tilt } from './tilt';

const ALL = [
  overlay,
  stream,
  tilt,
  spin,
  jet,
  heat,
  drop,
  blade,
  drag,
  press,
  pull,
  dip,
  clear,
  scrape,
  rest,
] as const;

/** What flow knows; every verb compiles to some of these, in the order they happen. Lengths in mm, angles clockwise from +x. */
export type Act = Parameters<(typeof ALL)[number]['weight']>[0];

/** Every act by its kind. */
const ACTS = registry<ActDefinition<Act, unknown>>()('act', ALL);

/** The definition behind an act. */
export const actOf = (act: Act): ActDefinition<Act, unknown> => ACTS[act.kind];

export type {
  ActDefinition,
  ActStrata,
  Brought,
  Face,
  Met,
  StrataAlong,
  UnderWay,
  WayDown,
} from './define';
export { emptyMet, emptyWayDown } from './define';
