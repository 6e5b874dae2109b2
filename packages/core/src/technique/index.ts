export {
  type AnyTechnique,
  type Settings,
  type TechniqueId,
  techniqueOf,
  TECHNIQUES,
} from './catalogue';
export { type Choice, chosenTechnique, toldSettings } from './chosen';
export {
  type Needs,
  type Pin,
  type Sight,
  SIGHTS,
  type Stage,
  type Technique,
  type UseNeed,
} from './define';
export { type DotGround, type DotPattern, type DotPatternId, DOT_PATTERNS } from './dotting';
export { settableOf } from './sequence';
export type { ChosenSequence, OwnTechnique, Sequence } from './sequence-schema';
