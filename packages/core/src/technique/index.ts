import type { Fields } from '../field/kind';
import { registry } from '../registry';
import { MIX_SCHOOLS } from '../mix/school';
import type { Technique } from './define';
import { flipCup } from './flip-cup';
import { straightPour } from './straight-pour';

const ALL = [flipCup, straightPour] as const;

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
    const { least, most = least } = needs.cups;
    return least < 1 || most < least ? 'can do with no number of cups' : undefined;
  },
);

/** The definition with this id. */
export const techniqueOf = (id: TechniqueId): AnyTechnique => TECHNIQUES[id];

export type { Needs, Pin, Stage, Technique, UseNeed } from './define';
