import { type Piece, STATUSES, statusOf } from '@potter/core/piece';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { dropPiece, useChangePiece } from '@/data/pieces';
import { deleteRun, useRun } from '@/data/runs';
import { Button } from '@/ui/button';
import { dayWords } from '@/ui/day-words';
import { localTime } from '@/ui/local-time';
import { Screen } from '@/ui/screen';
import { Section } from '@/ui/section';
import { Body } from '@/ui/type';
import type { Change } from './change';
import { Faults, faultWords } from './faults';
import { LaterStages } from './later-stages';
import { Lessons, lessonWords } from './lessons';
import { Photographs } from './photographs';
import { SetOf } from './set-of';
import { Standing, standingWords } from './standing';
import { struckOut } from './struck-out';
import { ThePour } from './the-pour';
import { usePlanOf } from './use-plan-of';
import { Verdict, verdictWords } from './verdict';

/** One piece: how it looks, how it came out and why, what to do next time, what became of it, and the pour it came of. */
export function PieceScreen({
  piece,
  onLeave,
}: {
  readonly piece: Piece;
  readonly onLeave: () => void;
}) {
  const router = useRouter();
  const changePiece = useChangePiece();
  const { run } = useRun(piece.run);
  const plan = usePlanOf(piece, run);
  const change: Change = (of) => changePiece(piece, of);
  const takeOut = () => {
    if (run && piece.id === run.id) {
      struckOut.set({ title: piece.title, run });
      deleteRun(run);
    } else {
      struckOut.set({ title: piece.title, piece });
      dropPiece(piece);
    }
    onLeave();
  };
  const { nth = 1, of, technique, size } = piece;
  return (
    <Screen title={piece.title} acts={<Button label="Back" onPress={onLeave} />}>
      <View className="gap-4 wide:flex-row wide:items-start wide:gap-10">
        <View className="gap-4 wide:min-w-0 wide:flex-1">
          <Body>
            {[
              `Made on ${dayWords(localTime(piece.madeAt))}`,
              technique,
              size,
              of === undefined ? '' : `${nth} of ${of}`,
            ]
              .filter(Boolean)
              .join(', ')}
            . {STATUSES[statusOf(piece)]}.
          </Body>
          {of === undefined ? null : <SetOf piece={piece} />}
          <Photographs piece={piece} change={change} plan={plan} />
        </View>
        <View className="gap-4 wide:min-w-0 wide:flex-1">
          <View>
            <Section title="How it came out" says={verdictWords(piece)} open={!piece.verdict}>
              <Verdict piece={piece} change={change} plan={plan} />
            </Section>
            <Section
              title="What went wrong"
              says={faultWords(piece)}
              open={(piece.faults ?? []).length > 0}
            >
              <Faults piece={piece} change={change} plan={plan} run={run} />
            </Section>
            <Section title="Next time" says={lessonWords(piece)}>
              <Lessons piece={piece} change={change} plan={plan} />
            </Section>
            <Section title="What became of it" says={standingWords(piece)}>
              <Standing piece={piece} change={change} plan={plan} />
            </Section>
            {run ? (
              <Section
                title="The pour"
                says="Where it stands, what it took, and what was done."
                open={statusOf(piece) === 'drying'}
              >
                <ThePour run={run} />
              </Section>
            ) : null}
          </View>
          {piece.plan === undefined ? null : <LaterStages plan={piece.plan} />}
          <View className="flex-row flex-wrap gap-2">
            <Button
              label="A page to print"
              onPress={() => router.push(`/journal/${piece.id}/page`)}
            />
            <Button label="Strike it out" onPress={takeOut} />
          </View>
        </View>
      </View>
    </Screen>
  );
}
