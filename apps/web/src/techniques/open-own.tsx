import type { Fault } from '@potter/core/format';
import type { OwnTechnique } from '@potter/core/technique';
import { useState } from 'react';
import { View } from 'react-native';
import { readAside } from '@/data/file-reader';
import { pickFile } from '@/data/files';
import { Button } from '@/ui/button';
import { FileFaults } from '@/ui/file-faults';
import { Strong } from '@/ui/type';

/** Takes in a technique somebody shared as a file. One that is not right is refused whole, with every fault and its place. */
export function OpenOwn({ onOpened }: { readonly onOpened: (technique: OwnTechnique) => void }) {
  const [faults, setFaults] = useState<readonly Fault[]>([]);
  const [taken, setTaken] = useState<string>();

  async function open() {
    setFaults([]);
    setTaken(undefined);
    const file = await pickFile('.json,application/json', 'Technique file');
    if (file === undefined) return;
    try {
      const opened = await readAside<'technique'>({ read: 'technique', file });
      if (!opened.ok) {
        setFaults(opened.faults);
        return;
      }
      onOpened(opened.technique);
      setTaken(opened.technique.sequence.name);
    } catch (error) {
      setFaults([{ path: '', message: error instanceof Error ? error.message : String(error) }]);
    }
  }

  return (
    <View className="gap-3">
      <Button className="self-start" label="Open a technique file" onPress={() => void open()} />
      {taken === undefined ? null : (
        <View role="status">
          <Strong>{taken} is among your own now, and offered with its picture above.</Strong>
        </View>
      )}
      <FileFaults faults={faults} />
    </View>
  );
}
