import { beginRun, stageMoves, stageSteps } from '@potter/core/journal';
import { stagesOf } from '@potter/core/schedule';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { device } from '@/data/device';
import { putRun, useRuns } from '@/data/runs';
import { newId } from '@/data/new-id';
import { usePlan } from '@/plan/plan-context';
import { StationScreen } from '@/plan/station-screen';
import { runClock } from '@/run/run-clock';
import { allowChime } from '@/run/chime';
import { Button } from '@/ui/button';
import { clock, localTime } from '@/ui/local-time';
import { dayWords } from '@/ui/day-words';
import { Tick } from '@/ui/tick';
import { useNow } from '@/ui/use-now';
import { Body, Heading, Small } from '@/ui/type';
import { type KeyPictures, useKeyPictures } from '@/picture/use-key-pictures';
import { readyCheck, type ReadyItem } from './ready';
import { Checkable } from '@/ui/checkable';
import { Choice } from '@/ui/choice';

/** What is said of the pictures the moves have at the table. */
const PICTURES: Readonly<Record<KeyPictures['state'], string>> = {
  computing: 'Computing a picture of the piece for each move …',
  there: 'A picture of the piece for each move is kept on this device.',
  failed: 'No pictures for the moves: they could not be computed here. The drawings are there.',
};

/** The ready check, then the pour. Ticks stay on this device until the pour begins. */
export function PourStation() {
  const { id, plan, brief, outcome } = usePlan();
  const router = useRouter();
  const { runs } = useRuns();
  const stages = stagesOf(plan);
  const mine = runs.filter((r) => r.planId === id);
  const open = mine.find((r) => r.endedAt === undefined);
  const done = (nth: number) => mine.some((r) => (r.stage ?? 0) === nth && r.endedAt !== undefined);
  // The first that has not been done; all done, the pour itself once more.
  const [chosen, choose] = useState<number>();
  const stage =
    chosen ??
    Math.max(
      0,
      stages.findIndex((_, nth) => !done(nth)),
    );
  const key = stage === 0 ? `ready.${id}` : `ready.${id}.${stage}`;
  const [kept, setKept] = useState<{ readonly of: string; readonly ticked: readonly string[] }>();
  const ticked = kept?.of === key ? kept.ticked : (device.get<string[]>(key) ?? []);
  // They are computed and kept while one ticks off, to be there at the table.
  const { state: pictures } = useKeyPictures(plan);
  const items = readyCheck(plan, brief, localTime(useNow(10_000)), stage);
  // A tick turns what is known of it over: who has poured a mix away again unticks it.
  const isDone = ({ id: item, done = false }: ReadyItem) => ticked.includes(item) !== done;
  const left = items.filter((i) => !isDone(i)).length;
  const toggle = (item: string) => {
    const next = ticked.includes(item) ? ticked.filter((t) => t !== item) : [...ticked, item];
    setKept({ of: key, ticked: next });
    device.set(key, next);
  };
  const begin = () => {
    allowChime();
    const begun = beginRun(newId(), id, plan, runClock.now(), stage);
    // How thick its preview has it decides how it dries.
    const poured = stage === 0 ? outcome : outcome?.later?.find((one) => one.stage === stage);
    const { meanMm, thickestMm } = poured?.film ?? {};
    const run =
      meanMm !== undefined && thickestMm !== undefined
        ? { ...begun, film: { meanMm, thickestMm } }
        : begun;
    putRun(run);
    device.remove(key);
    router.push(`/run/${run.id}`);
  };
  const steps = stageSteps(plan, brief.run, stage);
  const lasts = (steps.at(-1)?.endS ?? 0) - (steps[0]?.startS ?? 0);
  const what = stage === 0 ? 'the pour' : `the ${stages[stage]?.title.toLowerCase()}`;
  return (
    <StationScreen
      station="pour"
      foot={
        <View className="gap-2 p-3">
          {open ? (
            <Button
              primary
              className="min-h-[64px]"
              label={open.stage === undefined ? 'Go on with the pour' : 'Go on with it'}
              onPress={() => router.push(`/run/${open.id}`)}
            />
          ) : (
            <Button
              primary
              className="min-h-[64px]"
              label={left === 0 ? `Begin ${what}` : `Begin with ${left} unticked`}
              disabled={stageMoves(plan, stage).length === 0}
              onPress={begin}
            />
          )}
        </View>
      }
    >
      {stages.length > 1 ? (
        <Choice
          label="Stage"
          value={String(stage)}
          options={stages.map(({ title }, nth) => ({
            value: String(nth),
            label: `${nth + 1} ${title}${done(nth) ? ', done' : ''}`,
          }))}
          onChange={(nth) => choose(Number(nth))}
        />
      ) : null}
      <Heading>Ready?</Heading>
      <Body>
        {steps.length === 1 ? '1 move' : `${steps.length} moves`}, about {clock(lasts)}. Once begun,
        it goes on even if this page is closed.
      </Body>
      <View aria-live="polite">
        <Small>{PICTURES[pictures]}</Small>
      </View>
      <View role="group" aria-label="Ready check">
        {items.map((item) => {
          const done = isDone(item);
          return (
            <Checkable
              key={item.id}
              role="checkbox"
              checked={done}
              label={item.says}
              onPress={() => toggle(item.id)}
              className="min-h-[64px] flex-row items-center gap-3 border-b border-rule py-2 active:bg-pressed"
            >
              <Tick done={done} />
              <Body className={`flex-1 ${done ? 'text-quiet' : ''}`}>{item.says}</Body>
            </Checkable>
          );
        })}
      </View>
      <View className="flex-row flex-wrap gap-2">
        <Button label="Level it with the phone" onPress={() => router.push(`/plans/${id}/level`)} />
        <Button label="Print the run sheet" onPress={() => router.push(`/plans/${id}/run-sheet`)} />
      </View>
      {mine.filter((r) => r.endedAt !== undefined).length > 0 ? (
        <View>
          <Heading>Poured before</Heading>
          {mine
            .filter((r) => r.endedAt !== undefined)
            .map((r) => (
              <View
                key={r.id}
                className="min-h-[44px] flex-row items-center justify-between border-b border-rule"
              >
                <Body>{dayWords(localTime(r.startedAt))}</Body>
                <Small>{clock(((r.endedAt ?? r.startedAt) - r.startedAt) / 1000)}</Small>
                <Button label="Look at it" onPress={() => router.push(`/journal/${r.id}`)} />
              </View>
            ))}
        </View>
      ) : null}
    </StationScreen>
  );
}
