import { sheetsWith } from '@potter/core/coat';
import { mixedOn, type Run } from '@potter/core/journal';
import { brief, coatBatches, type ToWeigh } from '@potter/core/plan';
import { SCOOP_ML } from '@potter/core/material';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import { device } from '@/data/device';
import { putRun, useRun } from '@/data/runs';
import { useSettings } from '@/data/settings';
import { runClock } from '@/run/run-clock';
import { Button } from '@/ui/button';
import { localTime } from '@/ui/local-time';
import { NotHere } from '@/ui/state';
import { Title } from '@/ui/type';
import type { Batches } from '@/weigh/batches';
import { WeighAlong } from '@/weigh/weigh-along';

/** A batch of a two-part coat weighed at the table; from the moment it is whole its open time runs. */
export function CoatScreen() {
  const { id, move, batch } = useLocalSearchParams<{ id: string; move: string; batch: string }>();
  const router = useRouter();
  const { run, ...asked } = useRun(id);
  const nth = Number(batch ?? 0);
  const list = run ? coatBatches(run.plan, brief(run.plan), move) : [];
  const weighed = list[nth % Math.max(1, list.length)];
  if (run && weighed)
    return <WeighBatch key={`${move} ${nth}`} run={run} batch={weighed} move={move} nth={nth} />;
  return (
    <View role="main" className="flex-1 bg-surround p-4">
      <Title>Top coat</Title>
      <NotHere
        query={asked}
        waiting="Opening the run"
        failed="The run cannot be read."
        says="Nothing is mixed for this move."
        act="To the run"
        onAct={() => router.replace(`/run/${id}`)}
      />
    </View>
  );
}

/** What the parts of a coat weigh loosely, where they are scooped: flakes and glitter lie about as mica does, g/mL (estimate). */
const LOOSE_G_PER_ML = 0.3;

function WeighBatch({
  run,
  batch,
  move,
  nth,
}: {
  readonly run: Run;
  readonly batch: ToWeigh;
  readonly move: string;
  readonly nth: number;
}) {
  const router = useRouter();
  const { scoopMl = SCOOP_ML } = useSettings();
  const { name, openMin } = sheetsWith(run.plan.sheets).resin;
  const at = run.moves.findIndex((m) => m.move === move);
  const mixed = run.moves[at]?.mixed?.[nth];
  const place = `coat.${run.id}.${move}.${nth}`;
  const of = name === undefined ? '' : ` of ${name}`;
  const names: Readonly<Record<string, string>> = {
    resin: `Resin${of}`,
    hardener: `Hardener${of}`,
  };
  const batches: Batches = {
    list: [batch],
    place,
    title: run.plan.title,
    stepG: run.plan.budget.stepG,
    seed: run.plan.seed,
    nameOf: (id) => names[id] ?? id,
    paints: new Set(),
    chipOf: () => undefined,
    surplus: () => undefined,
    scoopG: () => scoopMl * LOOSE_G_PER_ML,
    onMade: (_, weighing) =>
      putRun(
        mixedOn(run, at, nth, {
          at: Math.round(runClock.now()),
          of: weighing.lines.map((l) => ({ material: l.material, g: l.actualG ?? 0 })),
        }),
      ),
  };
  const back = () => router.replace(`/run/${run.id}`);
  return (
    <WeighAlong
      batches={batches}
      onLeave={back}
      doneTitle="It is whole"
      doneSays={`Stir it slowly for three minutes, scrape sides and bottom, and pour it on.${
        mixed
          ? ` It stays open until ${localTime(mixed.at + openMin * 60_000).slice('yyyy-mm-ddT'.length)}.`
          : ''
      }`}
      done={
        <Button
          primary
          label="To the coat"
          onPress={() => {
            device.remove(place);
            back();
          }}
        />
      }
    />
  );
}
