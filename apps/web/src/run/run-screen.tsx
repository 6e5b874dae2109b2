import {
  advance,
  drawn,
  givesWayAt,
  goBack,
  noteOn,
  type Run,
  silence,
  timersOf,
} from '@potter/core/journal';
import type { ShelfItem } from '@potter/core/stock';
import { CARE } from '@potter/core/verb';
import { useLocalSearchParams, useRouter } from 'expo-router';
import ArrowLeft from 'lucide-react-native/icons/arrow-left';
import { useEffect, useState } from 'react';
import { Pressable, ScrollView, Text, View } from 'react-native';
import { putRun, useRun } from '@/data/runs';
import { useSettings } from '@/data/settings';
import { useShelf } from '@/data/shelf';
import { AfterPour } from './after-pour';
import { Button, IconButton } from '@/ui/button';
import { CareMark } from '@/ui/care-mark';
import { clock } from '@/ui/local-time';
import { Failed, NotHere } from '@/ui/state';
import { TableButton } from '@/ui/table-button';
import { TextField } from '@/ui/text-field';
import { Body, Small, Strong, Title } from '@/ui/type';
import { Mass } from '@/ui/units';
import { useNow } from '@/ui/use-now';
import { allowChime, chime } from './chime';
import { AddedList, SomethingAdded } from './added';
import { Moves } from './moves-done';
import { StepDrawing } from './step-drawing';
import { RanOut } from './ran-out';
import { runClock } from './run-clock';
import { useSteadyPress } from './steady-press';
import { StepPictures, useTakePicture } from './step-pictures';
import { sheetOf } from './use-timers';
import { useWakeLock } from './wake-lock';

export function RunScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const router = useRouter();
  const { run, ...asked } = useRun(id);
  if (run) return run.endedAt === undefined ? <Running run={run} /> : <RunOver run={run} />;
  return (
    <View role="main" className="flex-1 bg-surround p-4">
      <Title>Run</Title>
      <NotHere
        query={asked}
        waiting="Opening the run"
        failed="The run cannot be read."
        says="This run is not in the journal."
        act="To the journal"
        onAct={() => router.replace('/journal')}
      />
    </View>
  );
}

/** One move a screen. The lower half goes on; going back is one press; the lowest strip stays free for the phone's own gestures. */
function Running({ run }: { readonly run: Run }) {
  const router = useRouter();
  const now = useNow(250, runClock.now);
  const [noting, setNoting] = useState(false);
  const [panel, setPanel] = useState<'added' | 'short'>();
  const toggle = (which: 'added' | 'short') => setPanel(panel === which ? undefined : which);
  const picture = useTakePicture(run);
  const sheet = sheetOf(run);
  const step = sheet[run.at];
  const next = sheet[run.at + 1];
  useWakeLock(true);

  const shelf = useShelf();
  // The last move done, the pour takes off the shelf what it used.
  const onward = (skipped = false) =>
    putRun(drawIfKnown(advance(run, runClock.now(), skipped), shelf.data));
  const goOn = useSteadyPress(() => {
    allowChime();
    onward();
  });
  const [kept, keep] = useState<ReadonlySet<number>>(new Set());
  const back = () => {
    // Gone back to by hand: it stays until it is pressed on.
    keep((now) => new Set(now).add(run.at - 1));
    putRun(goBack(run));
  };
  const { chimes } = useSettings();
  const givesWay = kept.has(run.at) ? undefined : givesWayAt(run, sheet);
  const due = givesWay !== undefined && now >= givesWay;
  useEffect(() => {
    if (!due) return;
    if (chimes) chime();
    onward();
    // Once for each move: what it gives way to is another.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [due, run.at]);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const busy = document.activeElement && document.activeElement !== document.body;
      if (![' ', 'Enter', 'PageDown'].includes(event.key) || event.repeat || busy) return;
      event.preventDefault();
      goOn();
    };
    addEventListener('keydown', onKey);
    return () => removeEventListener('keydown', onKey);
  });

  if (!step) return null;
  const startedAt = run.moves[run.at]?.startedAt ?? run.startedAt;
  const seconds = step.endS - step.startS;
  const elapsed = (now - startedAt) / 1000;
  const others = timersOf(run, sheet).filter((t) => t.at !== run.at);
  const last = run.at + 1 >= run.moves.length;
  return (
    <View role="main" className="flex-1 bg-surround pb-[34px]">
      <View className="h-[64px] flex-row items-center gap-1 pl-1 pr-3">
        <IconButton
          icon={ArrowLeft}
          label="Leave the run, it goes on"
          onPress={() => router.replace(`/plans/${run.planId}/pour`)}
        />
        <Small className="flex-1 !text-16" lines={1}>
          {run.plan.title}
        </Small>
        <Strong>
          {run.at + 1} of {run.moves.length}
        </Strong>
      </View>
      <ScrollView className="flex-1" contentContainerClassName="gap-3 px-4 pb-3">
        {panel === 'short' ? <RanOut run={run} /> : null}
        {panel === 'added' ? <SomethingAdded run={run} /> : null}
        {panel ? null : (
          <>
            <View className="flex-row items-center gap-3">
              {step.care.length > 0 ? <CareMark size={34} /> : null}
              <Title className="flex-1 !text-34 !leading-[38px]">{step.title}</Title>
            </View>
            <Text className="font-body text-24 leading-[32px] text-ink">
              {step.says} {step.note}
            </Text>
            {step.times > 1 ? <Strong>{step.times} pieces, one after another.</Strong> : null}
            <View className="flex-row flex-wrap items-start gap-3">
              <View className="min-w-[150px] flex-1">
                {step.takes.map((take, i) => (
                  <Mass key={i} g={take.g} size="text-24" />
                ))}
                {seconds > 0 ? <StepTimer elapsed={elapsed} seconds={seconds} /> : null}
              </View>
              <StepDrawing key={step.move} run={run} move={step.move} />
            </View>
            {step.care.map((code) => (
              <Body key={code}>{CARE[code]}</Body>
            ))}
            {givesWay === undefined ? null : (
              <Body>It goes on by itself: your hands hold the piece.</Body>
            )}
            {others.map((timer) => (
              <View
                key={timer.at}
                className="flex-row items-center gap-3 border-t border-rule pt-2"
              >
                <Text
                  className="font-display text-24 text-ink"
                  style={{ fontVariant: ['tabular-nums'] }}
                >
                  {clock((timer.dueAt - now) / 1000)}
                </Text>
                <Body className="flex-1">{timer.title}</Body>
                {timer.dueAt <= now ? (
                  <Button label="Seen" onPress={() => putRun(silence(run, timer.at))} />
                ) : null}
              </View>
            ))}
          </>
        )}
        {picture.fault ? <Failed what="The picture was not kept." why={picture.fault} /> : null}
        {panel ? null : (
          <>
            <AddedList run={run} at={run.at} />
            <StepPictures run={run} at={run.at} />
          </>
        )}
        {noting ? (
          <TextField
            live
            label="Note on this move"
            lines={2}
            shown={run.moves[run.at]?.note ?? ''}
            read={(text) => ({ ok: true, value: text.slice(0, 2000) })}
            onChange={(note) => putRun(noteOn(run, run.at, note))}
          />
        ) : null}
      </ScrollView>
      <View className="flex-row border-t border-ink">
        <TableButton label="Back" onPress={back} disabled={run.at === 0} />
        <TableButton label={noting ? 'Done' : 'Note'} onPress={() => setNoting(!noting)} />
        <TableButton
          label={picture.busy ? 'Keeping' : 'Picture'}
          disabled={picture.busy}
          onPress={picture.take}
        />
      </View>
      <View className="flex-row border-t border-rule">
        <TableButton
          label={panel === 'added' ? 'Close' : 'Added'}
          onPress={() => toggle('added')}
        />
        <TableButton
          label={panel === 'short' ? 'Close' : 'Ran out'}
          onPress={() => toggle('short')}
        />
        <TableButton label="Skip" onPress={() => onward(true)} />
      </View>
      <Pressable
        role="button"
        aria-label={last ? 'Finish the pour' : `Next: ${next?.title ?? ''}`}
        onPress={goOn}
        // While something is written down it is in nobody's way.
        className={`${panel ? 'h-[72px]' : 'h-[36%]'} items-center justify-center gap-2 bg-rail px-4`}
      >
        <Text className="text-center font-display text-34 leading-[38px] text-railink">
          {last ? 'Finish' : 'Next'}
        </Text>
        {panel ? null : next ? (
          <Text numberOfLines={2} className="text-center font-body text-16 text-railink">
            {next.title}: {next.says}
          </Text>
        ) : (
          <Text className="font-body text-16 text-railink">This was the last move.</Text>
        )}
      </Pressable>
    </View>
  );
}

/** Without word from the shelf nothing is drawn; the journal offers it later. */
const drawIfKnown = (run: Run, shelf: readonly ShelfItem[] | undefined): Run =>
  shelf ? drawn(run, shelf) : run;

/** Time left, large, with a bar that fills; over time it counts on. */
function StepTimer({ elapsed, seconds }: { readonly elapsed: number; readonly seconds: number }) {
  return (
    <View
      role="timer"
      aria-label={`${clock(seconds - elapsed)} left of ${clock(seconds)}`}
      className="gap-1"
    >
      <Text
        className="font-display text-[64px] leading-[68px] text-ink"
        style={{ fontVariant: ['tabular-nums'] }}
      >
        {clock(seconds - elapsed)}
      </Text>
      <View className="h-[8px] border border-ink">
        <View
          className="h-full bg-ink"
          style={{ width: `${Math.min(100, (elapsed / seconds) * 100)}%` }}
        />
      </View>
    </View>
  );
}

/** After the last move: what to do with the wet piece, and a note while it is fresh in mind. */
function RunOver({ run }: { readonly run: Run }) {
  const router = useRouter();
  const minutes = Math.round(((run.endedAt ?? run.startedAt) - run.startedAt) / 60_000);
  return (
    <View role="main" className="flex-1 bg-surround">
      <ScrollView contentContainerClassName="gap-4 p-4">
        <Title className="!text-34 !leading-[38px]">Poured</Title>
        <Body>
          {run.plan.title}, in {minutes} min. Leave it level and covered; it is on the rack now.
        </Body>
        <TextField
          live
          label="What would you do differently next time?"
          lines={4}
          shown={run.note ?? ''}
          read={(text) => ({ ok: true, value: text.slice(0, 4000) })}
          onChange={(note) => putRun({ ...run, note })}
        />
        <AfterPour run={run} />
        <Moves run={run} sheet={sheetOf(run)} />
        <View className="flex-row flex-wrap gap-2">
          <Button primary label="To the bench" onPress={() => router.replace('/bench')} />
          <Button label="Back to the last move" onPress={() => putRun(goBack(run))} />
        </View>
      </ScrollView>
    </View>
  );
}
