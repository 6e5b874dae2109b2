import {
  advance,
  drawn,
  givesWayAt,
  goBack,
  goOn,
  noteOn,
  picturesLeft,
  pieceOf,
  restsAt,
  type Run,
} from '@potter/core/journal';
import type { ShelfItem } from '@potter/core/stock';
import { useRouter } from 'expo-router';
import ArrowLeft from 'lucide-react-native/icons/arrow-left';
import { useEffect, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { putRun } from '@/data/runs';
import { useSettings } from '@/data/settings';
import { useShelf } from '@/data/shelf';
import { Button, IconButton } from '@/ui/button';
import { Failed } from '@/ui/state';
import { TableButton } from '@/ui/table-button';
import { TextField } from '@/ui/text-field';
import { Small, Strong } from '@/ui/type';
import { useNow } from '@/ui/use-now';
import { AddedList, SomethingAdded } from './added';
import { Beside } from './beside';
import { CareFirst } from './care-first';
import { allowChime, chime } from './chime';
import { NextUp } from './next-up';
import { RanOut } from './ran-out';
import { runClock } from './run-clock';
import { Step } from './step';
import { StepDrawing } from './step-drawing';
import { StepPictures, useTakePicture } from './step-pictures';
import { useSteadyPress } from './steady-press';
import { sheetOf } from './use-timers';
import { useWakeLock } from './wake-lock';

/** What may take the move's place on screen for a while: something added, something bare, its picture large. */
type Panel = 'added' | 'short' | 'now' | 'then';

/** One move a screen. The lower half goes on; going back is one press; the lowest strip stays free for the phone's own gestures. */
export function Running({ run }: { readonly run: Run }) {
  const router = useRouter();
  const now = useNow(250, runClock.now);
  const [noting, setNoting] = useState(false);
  const [panel, setPanel] = useState<Panel>();
  const toggle = (which: Panel) => setPanel(panel === which ? undefined : which);
  const picture = useTakePicture(run);
  const sheet = sheetOf(run);
  const step = sheet[run.at];
  const next = sheet[run.at + 1];
  const piece = pieceOf(run.moves[run.at]!);
  useWakeLock(true);

  const shelf = useShelf();
  // The last move done, the pour takes off the shelf what it used.
  const keepRun = (changed: Run) => putRun(drawIfKnown(changed, shelf.data));
  const onward = useSteadyPress(() => {
    allowChime();
    if (panel === 'now' || panel === 'then') setPanel(undefined);
    keepRun(goOn(run, sheet, runClock.now()));
  });
  const [kept, keep] = useState<ReadonlySet<string>>(new Set());
  const back = () => {
    const before = goBack(run);
    // Gone back to by hand: it stays until it is pressed on.
    keep((held) => new Set(held).add(placeOf(before)));
    putRun(before);
  };
  const { chimes } = useSettings();
  const givesWay = kept.has(placeOf(run)) ? undefined : givesWayAt(run, sheet);
  const due = givesWay !== undefined && now >= givesWay;
  useEffect(() => {
    if (!due) return;
    if (chimes) chime();
    keepRun(goOn(run, sheet, runClock.now()));
    // Once for each move: what it gives way to is another.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [due, placeOf(run)]);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const busy = document.activeElement && document.activeElement !== document.body;
      if (![' ', 'Enter', 'PageDown'].includes(event.key) || event.repeat || busy) return;
      event.preventDefault();
      onward();
    };
    addEventListener('keydown', onKey);
    return () => removeEventListener('keydown', onKey);
  });

  if (!step) return null;
  const more = piece < step.times;
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
      <View className="min-h-0 flex-1 wide:flex-row">
        <ScrollView className="flex-1" contentContainerClassName="gap-3 px-4 pb-3 wide:px-8">
          {panel === 'short' ? <RanOut run={run} /> : null}
          {panel === 'added' ? <SomethingAdded run={run} /> : null}
          {panel === 'now' || panel === 'then' ? (
            <StepDrawing
              run={run}
              at={run.at}
              shown={panel}
              onPress={() => setPanel(panel === 'now' ? 'then' : undefined)}
            />
          ) : null}
          {panel ? null : (
            <>
              <CareFirst run={run} />
              <Step
                run={run}
                step={step}
                now={now}
                byItself={givesWay !== undefined}
                onLarge={() => setPanel('now')}
              />
              {step.times > 1 ? (
                <Button
                  className="min-h-[64px]"
                  label={`Done on all ${step.times}`}
                  onPress={() => keepRun(advance(run, runClock.now()))}
                />
              ) : null}
              {restsAt(run) ? (
                <Button
                  className="self-start"
                  label="Watch it by camera"
                  onPress={() => router.push(`/run/${run.id}/watch`)}
                />
              ) : null}
              <Beside run={run} now={now} />
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
        {/* Beside the move where there is room, under it on a phone. */}
        <View className="shrink-0 wide:w-[440px] wide:border-l wide:border-ink">
          <View className="flex-row border-t border-ink">
            <TableButton label="Back" onPress={back} disabled={run.at === 0 && piece === 1} />
            <TableButton label={noting ? 'Done' : 'Note'} onPress={() => setNoting(!noting)} />
            <TableButton
              label={picture.busy ? 'Keeping' : 'Picture'}
              disabled={picture.busy || picturesLeft(run, run.at) <= 0}
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
            <TableButton label="Skip" onPress={() => keepRun(advance(run, runClock.now(), true))} />
          </View>
          <NextUp
            piece={more ? `Piece ${piece + 1} of ${step.times}` : undefined}
            next={next}
            low={panel === 'added' || panel === 'short'}
            onPress={onward}
          />
        </View>
      </View>
    </View>
  );
}

/** The move and the piece a run is at, as one word. */
const placeOf = (run: Run): string => `${run.at} ${pieceOf(run.moves[run.at]!)}`;

/** Without word from the shelf nothing is drawn; the journal offers it later. */
const drawIfKnown = (run: Run, shelf: readonly ShelfItem[] | undefined): Run =>
  shelf ? drawn(run, shelf) : run;
