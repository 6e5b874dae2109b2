import type { PieceFile } from '@potter/contract';
import { type Fault, readPiecesCsv, writePiecesCsv } from '@potter/core/format';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { View } from 'react-native';
import { call } from '@/data/api';
import { pickFile, saveFile } from '@/data/files';
import { newId } from '@/data/new-id';
import { piecesKey } from '@/data/piece-answers';
import { Button } from '@/ui/button';
import { FileFaults } from '@/ui/file-faults';
import { Section } from '@/ui/section';
import { Failed } from '@/ui/state';
import { Body, Small } from '@/ui/type';

const PATH = '/api/pieces/file';

/** The journal as a file, for safe keeping, a table, or another studio; and a file taken in again. */
export function Archive() {
  const client = useQueryClient();
  const [busy, setBusy] = useState(false);
  const [said, setSaid] = useState<string>();
  const [fault, setFault] = useState<string>();
  const [inTable, setInTable] = useState<readonly Fault[]>([]);
  /** Does one thing at a time, and says what came of it. */
  const go = async (act: () => Promise<string | undefined>) => {
    setBusy(true);
    setFault(undefined);
    setInTable([]);
    setSaid(undefined);
    try {
      setSaid(await act());
    } catch (error) {
      setFault(error instanceof Error ? error.message : String(error));
    }
    setBusy(false);
  };
  const file = () => call<PieceFile>(PATH);
  const takeIn = async () => {
    const chosen = await pickFile('.json,application/json,.csv,text/csv', 'A file of pieces');
    if (!chosen) return undefined;
    const text = await chosen.text();
    if (!chosen.name.endsWith('.csv')) return keep(read(text));
    const table = readPiecesCsv(text, (await file()).pieces, newId);
    setInTable(table.faults);
    if (table.faults.length > 0) return undefined;
    return table.pieces.length > 0
      ? keep({ pieces: [...table.pieces] })
      : 'The table says what the journal says. Nothing was changed.';
  };
  const keep = async (body: PieceFile) => {
    await call(PATH, { method: 'POST', body });
    await client.invalidateQueries({ queryKey: piecesKey });
    return body.pieces.length === 1
      ? '1 piece was taken in.'
      : `${body.pieces.length} pieces were taken in.`;
  };
  return (
    <Section title="The journal as a file" says="All pieces as a table, or to be taken in again.">
      <View className="flex-row flex-wrap gap-2">
        <Button
          label="Save all, as JSON"
          disabled={busy}
          onPress={() =>
            void go(async () => {
              saveFile('pieces.json', `${JSON.stringify(await file(), null, 2)}\n`);
              return undefined;
            })
          }
        />
        <Button
          label="Save a table, as CSV"
          disabled={busy}
          onPress={() =>
            void go(async () => {
              saveFile('pieces.csv', writePiecesCsv((await file()).pieces), 'text/csv');
              return undefined;
            })
          }
        />
        <Button label="Take in a file" disabled={busy} onPress={() => void go(takeIn)} />
      </View>
      {said ? <Body>{said}</Body> : null}
      {fault ? <Failed what="Nothing was taken in." why={fault} /> : null}
      <FileFaults faults={inTable} />
      <Small>
        Pictures stay in the studio, and go with its copies. A piece that is here already is
        replaced by a JSON file’s; of a table only cells that were changed count, and a row without
        an id is a new piece.
      </Small>
    </Section>
  );
}

/** Throws, in words, where a file is none of pieces; what is wrong in one of them the studio says. */
function read(text: string): PieceFile {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    throw new Error('This file is no JSON. Take one that was saved here.');
  }
  if (typeof value !== 'object' || value === null || !Array.isArray((value as PieceFile).pieces))
    throw new Error('This file holds no pieces. Take one that was saved here.');
  return value as PieceFile;
}
