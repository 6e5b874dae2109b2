import { dueAt, pieceOf, type Run } from '@potter/core/journal';
import { CARE, type RunStep, verbOf } from '@potter/core/verb';
import { Text, View } from 'react-native';
import { CareMark } from '@/ui/care-mark';
import { clock } from '@/ui/local-time';
import { Body, Strong, Title } from '@/ui/type';
import { Mass } from '@/ui/units';
import { StepDrawing } from './step-drawing';
import { TwoParts } from './two-parts';
import { UntilItReads } from './until-it-reads';

/** The move on screen: what to do, with how much, for how long, where, and the sign to stop by. */
export function Step({
  run,
  step,
  now,
  byItself,
  onLarge,
}: {
  readonly run: Run;
  readonly step: RunStep;
  readonly now: number;
  /** It goes on when its time is up. */
  readonly byItself: boolean;
  /** Its drawing was pressed. */
  readonly onLarge: () => void;
}) {
  const move = run.moves[run.at]!;
  const planned = run.plan.moves.find(({ id }) => id === step.move);
  // A batch that is mixed gives the time there is; until then there is none to run out.
  const mixed = step.opensS === undefined ? undefined : move.mixed !== undefined;
  const seconds =
    mixed === undefined ? (step.endS - step.startS) / step.times : mixed ? step.opensS! : 0;
  const due = dueAt(move, step);
  const pieces = run.plan.surface.pieces;
  const piece = step.times > 1 ? pieceOf(move) : planned?.piece;
  return (
    <>
      <View className="flex-row items-center gap-3">
        {step.care.length > 0 ? <CareMark size={34} /> : null}
        <Title className="flex-1 !text-34 !leading-[38px]">{step.title}</Title>
        {piece === undefined || pieces === 1 ? null : (
          <Strong>
            piece {piece} of {pieces}
          </Strong>
        )}
      </View>
      <Text className="font-body text-24 leading-[32px] text-ink">
        {step.says} {step.note}
      </Text>
      <TwoParts run={run} step={step} />
      <View className="flex-row flex-wrap items-start gap-3">
        <View className="min-w-[150px] flex-1">
          {step.takes.map((take, i) => (
            <Mass key={i} g={take.g / step.times} size="text-24" />
          ))}
          {seconds > 0 && due !== undefined ? (
            <StepTimer left={(due - now) / 1000} seconds={seconds} />
          ) : null}
          {step.readsG !== undefined ? (
            <UntilItReads g={step.readsG} />
          ) : step.until !== undefined ? (
            <Body className="mt-2">{step.until}</Body>
          ) : null}
        </View>
        <StepDrawing run={run} at={run.at} shown="small" onPress={onLarge} />
      </View>
      {step.care.map((code) => (
        <Body key={code}>{run.careSeenAt === undefined ? CARE[code] : inShort(CARE[code])}</Body>
      ))}
      {byItself ? (
        <Body>{BY_ITSELF[planned && verbOf(planned).stroke ? 'stroke' : 'hold']}</Body>
      ) : null}
    </>
  );
}

const BY_ITSELF = {
  hold: 'It goes on by itself: your hands hold the piece.',
  stroke: 'The next stroke comes by itself, with time to set the tool down.',
} as const;

/** What has been read need not be said whole again. */
const inShort = (says: string): string => `${says.split(/[:.]/)[0]}.`;

/** Time left, large, with a bar that fills; over time it counts on. */
function StepTimer({ left, seconds }: { readonly left: number; readonly seconds: number }) {
  return (
    <View role="timer" aria-label={`${clock(left)} left of ${clock(seconds)}`} className="gap-1">
      <Text
        className="font-display text-[64px] leading-[68px] text-ink"
        style={{ fontVariant: ['tabular-nums'] }}
      >
        {clock(left)}
      </Text>
      <View className="h-[8px] border border-ink">
        <View
          className="h-full bg-ink"
          style={{ width: `${Math.min(100, Math.max(0, (1 - left / seconds) * 100))}%` }}
        />
      </View>
    </View>
  );
}
