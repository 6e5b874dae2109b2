import { type AnyTechnique, type Settings, type TechniqueId, TECHNIQUES } from './catalogue';
import type { UseNeed } from './define';
import { sequenceMoves, settingsOf, usesOf } from './sequence';
import type { ChosenSequence, Sequence } from './sequence-schema';

/** What of a plan says how it is poured. */
export interface Choice {
  readonly technique: { readonly id: TechniqueId; readonly settings: Settings };
  readonly sequence?: ChosenSequence;
}

/** How a plan is poured: a technique of the catalogue, or one of the artist's own that began as one of these. */
export const chosenTechnique = ({ technique: { id }, sequence }: Choice): AnyTechnique =>
  sequence ? ownTechnique(id, sequence) : TECHNIQUES[id];

/** The settings told for a plan. */
export const toldSettings = ({ technique, sequence }: Choice): Settings =>
  sequence?.set ?? technique.settings;

/** A technique of one's own: it needs what the one it began as needs, with what its moves draw besides and as many cups as it pours. */
function ownTechnique(id: TechniqueId, sequence: Sequence): AnyTechnique {
  const base = TECHNIQUES[id];
  const { needs } = base;
  const more = usesOf(sequence).filter((use) => !needs.uses.some((need) => need.use === use));
  return {
    ...base,
    name: sequence.name,
    says: sequence.says ?? base.says,
    needs: {
      ...needs,
      uses: [...needs.uses, ...more.flatMap(usuallyAside)],
      cups:
        needs.loading === 'single'
          ? { least: sequence.cups }
          : { least: sequence.cups, most: Math.max(sequence.cups, needs.cups.most ?? 0) },
    },
    settings: settingsOf(sequence),
    defaults: {},
    moves: (stage, set) => sequenceMoves(sequence, stage, set),
  };
}

/** A use as the first technique of the catalogue that wants it has it set aside. */
function usuallyAside(use: UseNeed['use']): UseNeed[] {
  const need = Object.values(TECHNIQUES)
    .flatMap(({ needs }) => needs.uses)
    .find((n) => n.use === use);
  return need ? [need] : [];
}
