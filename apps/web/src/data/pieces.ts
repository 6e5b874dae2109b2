import type { LessonList, PieceList, PieceRow, PiecesAsk, Season } from '@potter/contract';
import { formerOf } from '@potter/contract/change';
import {
  isFound,
  makesPieces,
  type Piece,
  pieceOfRun,
  placeOf,
  soughtOf,
  summarisePiece,
} from '@potter/core/piece';
import type { LessonLearnt } from '@potter/core/remark';
import {
  keepPreviousData,
  useInfiniteQuery,
  useQuery,
  useQueryClient,
} from '@tanstack/react-query';
import { useMemo } from 'react';
import { call, Refused } from './api';
import { outOfJournalLetter, pieceLetter } from './outbox/letters';
import { post, unsentNow, useUnsent } from './outbox/outbox';
import { pieceKey, piecesKey } from './piece-answers';
import { useRun, useRuns } from './runs';

const NONE: readonly LessonLearnt[] = [];

type Filter = Pick<PiecesAsk, 'search' | 'status' | 'run' | 'sort'>;

/** Whether a piece of this device stands in a list that was asked for. */
const isAsked = (piece: Piece, { search = '', status, run }: Filter): boolean =>
  isFound(soughtOf(piece), search) &&
  (status === undefined || summarisePiece(piece).status === status) &&
  (run === undefined || piece.run === run);

/** The list as the studio has it, with what this device said since; what is new here stands first. */
function withUnsent(rows: readonly PieceRow[], here: readonly Piece[], filter: Filter): PieceRow[] {
  const mine = new Map(here.map((piece) => [piece.id, piece]));
  const shown = rows.flatMap((row): PieceRow[] => {
    const piece = mine.get(row.id);
    mine.delete(row.id);
    if (!piece) return [row];
    return isAsked(piece, filter)
      ? [{ ...summarisePiece(piece), ...(row.cores ? { cores: row.cores } : {}) }]
      : [];
  });
  const fresh = [...mine.values()].filter((piece) => isAsked(piece, filter)).map(summarisePiece);
  return [...fresh.sort((a, b) => b.madeAt - a.madeAt), ...shown];
}

/** Pieces, a page of them and more as they are asked for. A pour that ended on this device is there at once, whether or not the studio is. */
export function usePieces(filter: Filter) {
  const { search = '', status, run, sort = 'last' } = filter;
  const unsent = useUnsent();
  const { runs } = useRuns();
  const asked = useInfiniteQuery({
    queryKey: [...piecesKey, search, status ?? '', run ?? '', sort],
    queryFn: ({ pageParam: after }) => {
      const query = new URLSearchParams({
        search,
        sort,
        ...(status === undefined ? {} : { status }),
        ...(run === undefined ? {} : { run }),
        ...(after === '' ? {} : { after }),
      });
      return call<PieceList>(`/api/pieces?${query}`);
    },
    initialPageParam: '',
    getNextPageParam: (page) => page.next,
    // What was found before stays in sight while something else is searched for.
    placeholderData: keepPreviousData,
  });
  const pages = asked.data?.pages;
  const pieces = useMemo(() => {
    const letters = unsent.filter(
      (l) => l.about.startsWith('piece.') || l.about.startsWith('run.'),
    );
    const gone = new Set(
      letters.flatMap((l) =>
        l.method === 'DELETE' ? [l.about.slice(l.about.indexOf('.') + 1)] : [],
      ),
    );
    const said = letters.flatMap((l) =>
      l.about.startsWith('piece.') && l.method === 'PUT' ? [l.body as Piece] : [],
    );
    const rows = (pages ?? []).flatMap((page) => page.pieces);
    const known = new Set([...rows, ...said].map(({ id }) => id));
    // Ended here, and not yet in the studio's list: nothing but the list itself says that it is there.
    const poured = runs.flatMap(({ run: own }) =>
      own &&
      makesPieces(own) &&
      !known.has(own.id) &&
      (pages === undefined || isUnsent(letters, own.id))
        ? // What was noted as it was poured stands for a note of its own, as the studio has it.
          [{ ...pieceOfRun(own), ...(own.note === undefined ? {} : { note: own.note }) }]
        : [],
    );
    return withUnsent(rows, [...said, ...poured], { search, status, run }).filter(
      (piece) => !gone.has(piece.id) && !(piece.run !== undefined && gone.has(piece.run)),
    );
  }, [pages, unsent, runs, search, status, run]);
  return {
    pieces,
    apart: (pages ?? []).flatMap((page) => page.apart ?? []),
    count: Math.max(pieces.length, pages?.at(-1)?.count ?? 0),
    isPending: asked.isPending,
    error: asked.error,
    readOn: () => void asked.fetchNextPage(),
  };
}

const isUnsent = (letters: readonly { readonly about: string }[], run: string): boolean =>
  letters.some(({ about }) => about === `run.${run}`);

/** One piece: as this device last said, else as the studio has it, else as the pour it comes of says. */
export function usePiece(id: string): {
  readonly piece: Piece | undefined;
  readonly isPending: boolean;
  readonly isError: boolean;
  readonly error: Error | null;
  readonly refetch: () => unknown;
} {
  const unsent = useUnsent();
  const said = saidOf(unsent, id);
  const place = placeOf(id);
  const { runs } = useRuns();
  const row = runs.find((listed) => listed.id === place.run);
  // A later stage is done on the piece an earlier one came to.
  const enabled = row?.stage === undefined;
  const asked = useQuery({
    queryKey: pieceKey(id),
    enabled,
    queryFn: () => call<Piece>(`/api/pieces/${encodeURIComponent(id)}`),
    retry: (times, error) => times < 1 && !(error instanceof Refused && error.status === 404),
  });
  const pending = enabled && asked.isPending;
  // The studio is asked for a pour only where it has no piece.
  const lacking = said === undefined && asked.data === undefined && !pending;
  const { run = row?.run, isPending } = useRun(lacking ? place.run : undefined);
  const poured =
    run && makesPieces(run) && place.nth <= run.plan.surface.pieces
      ? pieceOfRun(run, place.nth)
      : undefined;
  const piece = said ?? asked.data ?? poured;
  const none = asked.error instanceof Refused && asked.error.status === 404;
  return {
    piece,
    isPending: piece === undefined && (pending || ((none || !enabled) && isPending)),
    isError: piece === undefined && asked.isError && !none,
    error: asked.error,
    refetch: asked.refetch,
  };
}

/** Keeps a piece as it is now, of one that was so; on its way to the studio until it is there. */
export function useKeepPiece(): (now: Piece, was?: Piece) => void {
  const client = useQueryClient();
  return (now, was) => {
    client.setQueryData(pieceKey(now.id), now);
    void post(pieceLetter(now, was && formerOf(was, now)));
  };
}

/** Changes a piece by what it is now, which may be more than what was shown as the change began: a picture takes a while to be kept. */
export function useChangePiece(): (shown: Piece, change: (piece: Piece) => Piece) => void {
  const client = useQueryClient();
  const keep = useKeepPiece();
  return (shown, change) => {
    const was =
      saidOf(unsentNow(), shown.id) ?? client.getQueryData<Piece>(pieceKey(shown.id)) ?? shown;
    keep(change(was), was);
  };
}

/** What this device said of a piece last and the studio does not have yet. */
const saidOf = (letters: ReturnType<typeof unsentNow>, id: string): Piece | undefined =>
  letters.filter((l) => l.about === `piece.${id}` && l.method === 'PUT').at(-1)?.body as
    | Piece
    | undefined;

/** Takes a piece without a pour out of the journal; keep it again to put it back. */
export function dropPiece(piece: Piece): void {
  void post(outOfJournalLetter(piece));
}

/** What was to be done otherwise, the last learnt first. */
export function useLessons(): readonly LessonLearnt[] {
  const { data = NONE } = useQuery({
    queryKey: [...piecesKey, 'lessons'],
    queryFn: () => call<LessonList>('/api/pieces/lessons').then(({ lessons }) => lessons),
    staleTime: 60_000,
  });
  return data;
}

export const useSeason = () =>
  useQuery({
    queryKey: [...piecesKey, 'season'],
    queryFn: () => call<Season>('/api/pieces/season'),
  });
