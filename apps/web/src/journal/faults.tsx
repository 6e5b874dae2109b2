import { type Cause, causesOf, FAULT_IDS, type FaultId, FAULTS } from '@potter/core/fault';
import type { Outcome } from '@potter/core/flow';
import type { Run } from '@potter/core/journal';
import { type Piece, withFault, withLesson } from '@potter/core/piece';
import { brief, evidenceOf, type Plan } from '@potter/core/plan';
import { useMemo } from 'react';
import { View } from 'react-native';
import { newId } from '@/data/new-id';
import { usePreviewOf } from '@/picture/use-preview-of';
import { Act } from '@/ui/button';
import { Checkable } from '@/ui/checkable';
import { Body, Small, Strong } from '@/ui/type';
import type { Change } from './change';

export const faultWords = ({ faults = [] }: Piece): string =>
  faults.length > 0
    ? faults.map((fault) => FAULTS[fault].title).join(', ')
    : 'Nothing said. Mud, bare edges, cracks: tick what you see, and why is told by the plan.';

/** From here on the plan's own figure makes a cause likely. */
const LIKELY = 1;

/** What is seen that was not meant, each with its causes, the likeliest by the plan's own figures first. */
export function Faults({
  piece,
  change,
  plan,
  run,
}: {
  readonly piece: Piece;
  readonly change: Change;
  readonly plan: Plan | undefined;
  readonly run: Run | undefined;
}) {
  const any = (piece.faults ?? []).length > 0;
  // Some causes are told by where paint came to lie: computed once there is something to be explained.
  const preview = usePreviewOf(any ? plan : undefined);
  const causes = useCauses(plan, run, preview?.outcome);
  return (
    <View>
      {any && plan ? (
        <Small>
          {preview
            ? 'Causes by the plan’s own figures and its preview, the likeliest first.'
            : 'Causes by the plan’s own figures, the likeliest first; its preview is on its way.'}
        </Small>
      ) : null}
      {FAULT_IDS.map((id) => {
        const seen = piece.faults?.includes(id) === true;
        return (
          <View key={id} className="border-b border-rule">
            <Checkable
              role="checkbox"
              checked={seen}
              label={FAULTS[id].title}
              onPress={() => change((p) => withFault(p, id))}
              className={`my-1 min-h-[52px] justify-center border-l-4 px-3 py-2 ${seen ? 'border-l-ink bg-raised' : 'border-l-transparent active:bg-pressed'}`}
            >
              <Strong>{FAULTS[id].title}</Strong>
              <Small>{FAULTS[id].says}</Small>
            </Checkable>
            {seen ? (
              <Causes
                causes={causes(id)}
                onNote={(says) => change((p) => withLesson(p, { id: newId().slice(0, 16), says }))}
                noted={(piece.lessons ?? []).map(({ says }) => says)}
              />
            ) : null}
          </View>
        );
      })}
    </View>
  );
}

function Causes({
  causes,
  onNote,
  noted,
}: {
  readonly causes: readonly Cause[];
  readonly onNote: (says: string) => void;
  readonly noted: readonly string[];
}) {
  return (
    <View role="list" aria-label="Causes" className="pb-2 pl-3">
      {causes.map(({ cause, times, says }) => (
        <View
          role="listitem"
          key={cause.id}
          className={`mb-2 gap-1 border-l-4 pl-3 ${times !== undefined && times > LIKELY ? 'border-l-ink' : 'border-l-rule'}`}
        >
          <Strong>{cause.title}</Strong>
          <Body>{says ?? 'The plan cannot tell.'}</Body>
          <View className="flex-row flex-wrap items-center gap-x-3">
            <Small className="min-w-[180px] flex-1 !text-ink">{cause.nextTime}</Small>
            {noted.includes(cause.nextTime) ? (
              <Small>Noted for next time.</Small>
            ) : (
              <Act
                label="Note it"
                name={`Note for next time: ${cause.nextTime}`}
                onPress={() => onNote(cause.nextTime)}
              />
            )}
          </View>
        </View>
      ))}
    </View>
  );
}

/** Causes of a fault by the plan as it was poured, what its preview came to, and how long each move really took; in the handbook's order where there was no plan. */
function useCauses(
  plan: Plan | undefined,
  run: Run | undefined,
  outcome: Outcome | undefined,
): (fault: FaultId) => readonly Cause[] {
  const evidence = useMemo(() => plan && evidenceOf(brief(plan), outcome), [plan, outcome]);
  return (fault) =>
    evidence
      ? causesOf(fault, evidence, { tookS: (id) => tookS(run, id) })
      : FAULTS[fault].causes.map((cause) => ({ cause }));
}

/** How long a move took; unknown where it was done piece by piece, or skipped. */
function tookS(run: Run | undefined, id: string): number | undefined {
  const move = run?.moves.find((m) => m.move === id);
  return move?.startedAt !== undefined &&
    move.endedAt !== undefined &&
    !move.skipped &&
    !move.pieces
    ? (move.endedAt - move.startedAt) / 1000
    : undefined;
}
