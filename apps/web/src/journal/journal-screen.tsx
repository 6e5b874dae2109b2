import { type PiecesAsk } from '@potter/contract';
import { type Status, STATUS_IDS, STATUSES } from '@potter/core/piece';
import { useRouter } from 'expo-router';
import { useDeferredValue, useState } from 'react';
import { View } from 'react-native';
import { useKeepPiece, usePieces } from '@/data/pieces';
import { putRun } from '@/data/runs';
import { Button } from '@/ui/button';
import { LongList } from '@/ui/long-list';
import { Pick } from '@/ui/pick';
import { Screen } from '@/ui/screen';
import { SearchField } from '@/ui/search-field';
import { SetApart } from '@/ui/set-apart';
import { Empty, Failed, Waiting } from '@/ui/state';
import { Small } from '@/ui/type';
import { UndoBar } from '@/ui/undo-bar';
import { Archive } from './archive';
import { LaterStages } from './later-stages';
import { PieceRow } from './piece-row';
import { Season } from './season';
import { setsTogether } from './sets-together';
import { struckOut, useStruckOut } from './struck-out';

type Sort = NonNullable<PiecesAsk['sort']>;
const SORTS: Readonly<Record<Sort, string>> = {
  last: 'The last first',
  best: 'The best first',
  dearest: 'The dearest first',
  name: 'By name',
};

/** More than one looks through: they can be searched and put in order. */
const MANY = 6;

/** Every piece there is: what came of pours, and of days before there were plans. */
export function JournalScreen() {
  const router = useRouter();
  const keep = useKeepPiece();
  const gone = useStruckOut();
  const [search, setSearch] = useState('');
  const [status, setStatus] = useState<Status>();
  const [sort, setSort] = useState<Sort>('last');
  const asked = usePieces({
    search: useDeferredValue(search.trim()),
    sort,
    ...(status === undefined ? {} : { status }),
  });
  const { pieces, count, apart } = asked;
  const rows = setsTogether(pieces);
  const narrowed = search.trim() !== '' || status !== undefined;
  return (
    <Screen
      title="Journal"
      acts={<Button label="Add a piece" onPress={() => router.push('/journal/new')} />}
    >
      {gone ? (
        <UndoBar
          says={`${gone.title} is out of the journal.`}
          onUndo={() => {
            if ('run' in gone) putRun(gone.run);
            else keep(gone.piece);
            struckOut.set(undefined);
          }}
        />
      ) : null}
      {asked.error ? <Failed what="The journal cannot be read." why={asked.error.message} /> : null}
      <SetApart what="piece" many="pieces" apart={apart} />
      {asked.isPending && pieces.length === 0 ? <Waiting what="Opening the journal" /> : null}
      {!asked.isPending && !asked.error && pieces.length === 0 && !narrowed ? (
        <Empty
          says="A pour is written down here as it is carried out, and ends as a piece: its pictures wet, dry and coated, how it came out, and what you would do next time."
          act="Choose a plan to pour"
          onAct={() => router.push('/plans')}
        />
      ) : null}
      {narrowed || count > MANY ? (
        <View className="mb-3 gap-2">
          <SearchField shown={search} onChange={setSearch} />
          <View className="flex-row flex-wrap gap-3">
            <View className="min-w-[160px] flex-1">
              <Pick
                label="Show"
                value={status ?? 'all'}
                options={[
                  { value: 'all', label: 'All pieces' },
                  ...STATUS_IDS.map((id) => ({ value: id as string, label: STATUSES[id] })),
                ]}
                onChange={(to) => setStatus(STATUS_IDS.find((id) => id === to))}
              />
            </View>
            <View className="min-w-[160px] flex-1">
              <Pick
                label="In order"
                value={sort}
                options={(Object.keys(SORTS) as Sort[]).map((id) => ({
                  value: id,
                  label: SORTS[id],
                }))}
                onChange={(to) => setSort(to as Sort)}
              />
            </View>
          </View>
        </View>
      ) : null}
      <LongList
        items={rows}
        // What is fetched of them stands in fewer rows, where some are of one set.
        count={count - pieces.length + rows.length}
        onMore={asked.readOn}
        row={(set) => <PieceRow key={set[0].id} set={set} />}
      />
      {narrowed && !asked.isPending && pieces.length === 0 ? (
        <Small>No piece is like that.</Small>
      ) : null}
      {narrowed ? null : <LaterStages />}
      {narrowed ? null : <Season />}
      {narrowed ? null : <Archive />}
    </Screen>
  );
}
