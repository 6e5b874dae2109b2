import { edit as edits } from '@potter/core/plan';
import { VERBS, type VerbId } from '@potter/core/verb';
import { usePlan } from '@/plan/plan-context';
import { Choice } from '@/ui/choice';

/** A move more, after the selected one or at the end of the pour. */
export function VerbChoice({
  selected,
  onAdded,
}: {
  readonly selected: number | undefined;
  readonly onAdded: (index: number) => void;
}) {
  const { plan, edit } = usePlan();
  return (
    <Choice
      label={
        selected === undefined ? 'Add at the end of the pour' : `Add after move ${selected + 1}`
      }
      value=""
      options={Object.values(VERBS).map((v) => ({ value: v.id as string, label: v.title }))}
      onChange={(verb) => {
        const at = selected === undefined ? edits.placeForMove(plan) : selected + 1;
        edit((p) => edits.addMove(p, verb as VerbId, at));
        onAdded(at);
      }}
    />
  );
}
