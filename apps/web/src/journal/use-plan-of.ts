import type { Run } from '@potter/core/journal';
import type { Piece } from '@potter/core/piece';
import type { Plan } from '@potter/core/plan';
import { useQuery } from '@tanstack/react-query';
import { fetchPlan } from '@/data/plans';

/** The plan a piece came of: as it was poured, or, where no pour was written down, as it stands now. */
export function usePlanOf(piece: Piece, run: Run | undefined): Plan | undefined {
  const asked = useQuery({
    queryKey: ['plan', piece.plan],
    queryFn: () => fetchPlan(piece.plan ?? ''),
    enabled: piece.run === undefined && piece.plan !== undefined,
    retry: false,
  });
  return run?.plan ?? asked.data?.plan;
}
