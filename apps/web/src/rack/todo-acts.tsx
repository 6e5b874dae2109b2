import type { Run } from '@potter/core/journal';
import type { Todo } from '@potter/core/rack';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { changeRun } from '@/data/runs';
import { runClock } from '@/run/run-clock';
import { Button } from '@/ui/button';

type Done = NonNullable<Run['done']>[number]['act'];

const found = (what: 'tacky' | 'dry') => (run: Run) => ({
  ...run,
  checks: [...(run.checks ?? []), { at: Math.round(runClock.now()), found: what }],
});

const did = (act: Done) => (run: Run) => ({
  ...run,
  done: [...(run.done ?? []), { act, at: Math.round(runClock.now()) }],
});

/** What is pressed once it is done. */
const DONE: Readonly<
  Partial<Record<Todo['does'], { readonly act: Done; readonly label: string }>>
> = {
  clean: { act: 'clean', label: 'It is wiped off' },
  hang: { act: 'hung', label: 'It hangs' },
  post: { act: 'posted', label: 'Handed over' },
};

/** The one thing there is to press about a piece; looking has two answers. */
export function TodoActs({ todo }: { readonly todo: Todo }) {
  const router = useRouter();
  const { does, piece } = todo;
  const name = (label: string) => `${label}: ${piece.title}`;
  if (todo.due === 'week' || todo.due === 'later') return null;
  if (does === 'look')
    return (
      <View className="flex-row flex-wrap gap-2">
        <Button
          label="It is dry"
          name={name('It is dry')}
          onPress={() => void changeRun(piece.id, found('dry'))}
        />
        <Button
          label="Still tacky"
          name={name('Still tacky')}
          onPress={() => void changeRun(piece.id, found('tacky'))}
        />
      </View>
    );
  const done = DONE[does];
  if (done)
    return (
      <Button
        className="self-start"
        label={done.label}
        name={name(done.label)}
        onPress={() => void changeRun(piece.id, did(done.act))}
      />
    );
  return (
    <Button
      className="self-start"
      label="Get it ready"
      name={name('Get it ready')}
      onPress={() => router.push(`/plans/${piece.plan}/pour`)}
    />
  );
}
