import type { Plan } from '@potter/core/plan';
import type { Fault } from '@potter/core/format';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { Refused } from '@/data/api';
import { readAside } from '@/data/file-reader';
import { pickFile } from '@/data/files';
import { useCreatePlan } from '@/data/plans';
import { Button } from '@/ui/button';
import { FileFaults } from '@/ui/file-faults';

/** Opens a plan file. One that is not right is refused whole, with every fault and its place. */
export function ImportPlan() {
  const router = useRouter();
  const create = useCreatePlan();
  const [faults, setFaults] = useState<readonly Fault[]>([]);

  async function open() {
    setFaults([]);
    const file = await pickFile('.json,application/json', 'Plan file');
    if (file === undefined) return;
    try {
      const opened = await readAside<'plan'>({ read: 'plan', file });
      if (opened.ok) add(opened.plan);
      else setFaults(opened.faults);
    } catch (error) {
      setFaults([{ path: '', message: error instanceof Error ? error.message : String(error) }]);
    }
  }

  function add(plan: Plan) {
    create.mutate(plan, {
      onSuccess: ({ id }) => router.push(`/plans/${id}/surface`),
      onError: (error) =>
        setFaults(
          error instanceof Refused && error.refusal.faults.length > 0
            ? error.refusal.faults
            : [{ path: '', message: error.message }],
        ),
    });
  }

  return (
    <View className="mt-6 gap-3">
      <Button className="self-start" label="Open a plan file" onPress={() => void open()} />
      <FileFaults faults={faults} />
    </View>
  );
}
