import type { Fields } from '../field/kind';
import { registry } from '../registry';
import { MIX_SCHOOLS } from '../mix/school';
import { VESSELS } from '../vessel/library';
import type { Technique } from './define';
import { balloonKiss } from './balloon-kiss';
import { bloom } from './bloom';
import { colonyTorch } from './colony-torch';
import { combed } from './combed';
import { draggedFlip } from './dragged-flip';
import { dutchPour } from './dutch-pour';
import { flipCup } from './flip-cup';
import { openCup } from './open-cup';
import { pearlPour } from './pearl-pour';
import { pressAndLift } from './press-and-lift';
import { puddlePour } from './puddle-pour';
import { reversePour } from './reverse-pour';
import { ribbon } from './ribbon';
import { ringBandSwipe } from './ring-band-swipe';
import { ringField } from './ring-field';
import { ringPour } from './ring-pour';
import { skin } from './skin';
import { spiral } from './spiral';
import { splitFoot } from './split-foot';
import { straightPour } from './straight-pour';
import { strainerPour } from './strainer-pour';
import { stringPull } from './string-pull';
import { swipe } from './swipe';
import { twinPour } from './twin-pour';
import { underlaySwipe } from './underlay-swipe';
import { wiggle } from './wiggle';

const ALL = [
  flipCup,
  straightPour,
  puddlePour,
  ringPour,
  ringField,
  spiral,
  wiggle,
  ribbon,
  twinPour,
  openCup,
  draggedFlip,
  strainerPour,
  splitFoot,
  bloom,
  swipe,
  ringBandSwipe,
  underlaySwipe,
  dutchPour,
  pearlPour,
  reversePour,
  combed,
  stringPull,
  balloonKiss,
  colonyTorch,
  pressAndLift,
  skin,
] as const;

export type TechniqueId = (typeof ALL)[number]['id'];

/** Its settings as a plan may hold them: any, for the technique's own fields have been checked by the schema. */
export type Settings = Readonly<Record<string, unknown>>;

/** A technique open to any settings. */
export type AnyTechnique = Technique<TechniqueId, Fields, Settings>;

/** Every technique by its id, in the order they are offered. */
export const TECHNIQUES = registry<AnyTechnique>()(
  'technique',
  ALL,
  ({ settings, defaults, needs }) => {
    const unset = Object.keys(settings).find((name) => !(name in defaults));
    if (unset !== undefined) return `needs a default for its setting "${unset}"`;
    const strange = needs.uses.find(
      ({ school }) => school !== undefined && !MIX_SCHOOLS.some((s) => s.id === school),
    );
    if (strange) return `asks for a school of mixes "${strange.school}" that there is not`;
    if (needs.vessel !== undefined && !VESSELS.some((v) => v.id === needs.vessel))
      return `asks for a vessel "${needs.vessel}" that there is not`;
    const { least, most = least } = needs.cups;
    return least < 1 || most < least ? 'can do with no number of cups' : undefined;
  },
);

/** The definition with this id. */
export const techniqueOf = (id: TechniqueId): AnyTechnique => TECHNIQUES[id];
