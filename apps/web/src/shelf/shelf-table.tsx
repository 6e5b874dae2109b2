import { faultLine, type ReadTable, writeShelfCsv } from '@potter/core/format';
import { shelfName } from '@potter/core/stock';
import { useState } from 'react';
import { View } from 'react-native';
import { readAside } from '@/data/file-reader';
import { pickFile, saveFile } from '@/data/files';
import { putTable, takeTableOff, useShelf } from '@/data/shelf';
import { Button } from '@/ui/button';
import { Body, Heading, Small, Strong } from '@/ui/type';
import { UndoBar } from '@/ui/undo-bar';

/** Changes named before the rest is only counted. */
const NAMED = 8;

/** The shelf as a table: out to a spreadsheet, and in again with a look at what it would change before anything is. */
export function ShelfTable() {
  const shelf = useShelf();
  const [table, setTable] = useState<ReadTable>();
  const [busy, setBusy] = useState(false);
  const [failed, setFailed] = useState<string>();
  const [done, setDone] = useState<ReadTable>();
  const items = shelf.data ?? [];

  async function open() {
    const file = await pickFile('.csv,text/csv', 'Shelf table');
    if (!file) return;
    setFailed(undefined);
    setTable(undefined);
    setDone(undefined);
    setBusy(true);
    try {
      setTable(await readAside<'shelf'>({ read: 'shelf', file, shelf: items }));
    } catch (error) {
      setFailed(error instanceof Error ? error.message : String(error));
    }
    setBusy(false);
  }

  const changes = table ? [...table.added, ...table.changed] : [];
  const take = () => {
    if (!table) return;
    putTable(changes.map((c) => c.item));
    setDone(table);
    setTable(undefined);
  };
  const back = () => {
    if (!done) return;
    putTable(done.changed.flatMap((c) => (c.was ? [c.was] : [])));
    takeTableOff(done.added.map((c) => c.item));
    setDone(undefined);
  };

  return (
    <View className="mt-6 gap-3 wide:max-w-[720px]">
      <Heading>The shelf as a table</Heading>
      <View className="flex-row flex-wrap gap-2">
        <Button
          label={busy ? 'Reading the table…' : 'Read a CSV table'}
          disabled={busy}
          onPress={() => void open()}
        />
        <Button
          label="Save as CSV"
          disabled={items.length === 0}
          onPress={() => saveFile('shelf.csv', writeShelfCsv(items), 'text/csv')}
        />
      </View>
      {failed ? (
        <View role="alert" className="border-l-[6px] border-l-ink bg-raised p-4">
          <Strong>Nothing was changed.</Strong>
          <Body>{failed}</Body>
        </View>
      ) : null}
      {done ? (
        <UndoBar
          says={`${done.added.length} put on the shelf, ${done.changed.length} changed.`}
          onUndo={back}
        />
      ) : null}
      {table && table.faults.length > 0 ? (
        <View role="alert" className="border-l-[6px] border-l-ink bg-raised p-4">
          <Strong>This table was not taken, and nothing was changed.</Strong>
          <Body>
            {table.faults.length === 1
              ? 'It has one fault:'
              : `It has ${table.faults.length} faults${table.faults.length > 40 ? '; the first 40' : ''}:`}
          </Body>
          {table.faults.slice(0, 40).map((fault) => (
            <Small key={faultLine(fault)} className="mt-1 !text-ink">
              {fault.path}: {fault.message}
            </Small>
          ))}
        </View>
      ) : null}
      {table && table.faults.length === 0 ? (
        <View role="region" aria-label="What the table changes" className="gap-2 bg-raised p-4">
          <Strong>
            {table.added.length} new, {table.changed.length} changed, {table.same} as they are.
          </Strong>
          {changes.slice(0, NAMED).map(({ row, item, was }) => (
            <Body key={row}>
              Row {row}: {shelfName(item)}, {was ? 'changed' : 'new'}
            </Body>
          ))}
          {changes.length > NAMED ? <Small>and {changes.length - NAMED} more</Small> : null}
          <View className="flex-row gap-2">
            <Button primary disabled={changes.length === 0} label="Take it over" onPress={take} />
            <Button label="Leave it" onPress={() => setTable(undefined)} />
          </View>
        </View>
      ) : null}
    </View>
  );
}
