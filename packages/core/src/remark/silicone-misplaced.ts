import { referencesOf } from '../verb';
import type { Finding, RemarkDefinition } from './evidence';

export const siliconeMisplaced: RemarkDefinition = {
  id: 'silicone-misplaced',
  see: ({ plan, book }) =>
    plan.budget.pots.flatMap((pot, p): Finding[] => {
      if (pot.mix === undefined || (pot.use !== 'base' && pot.use !== 'activator')) return [];
      const index = plan.mixes.findIndex((m) => m.id === pot.mix);
      const mix = plan.mixes[index];
      const oily = mix?.additives?.some((a) => book.material(a.material).role === 'oil');
      if (!mix || !oily) return [];
      const dry = mix.additives?.filter((a) => book.material(a.material).role !== 'oil') ?? [];
      const alsoColour = plan.budget.shares.some((s) => s.mix === mix.id && s.share > 0);
      const { additives: _, ...plain } = mix;
      const twin = {
        ...plain,
        id: `${mix.id}-dry`,
        name: `${mix.name}, no oil`,
        ...(dry.length ? { additives: dry } : {}),
      };
      const laid = plan.moves.flatMap((m, i) =>
        referencesOf(m).flatMap((r) =>
          r.to === 'mix' && r.id === mix.id ? [`/moves/${i}${r.at}`] : [],
        ),
      );
      return [
        {
          severity: 'may',
          about: `/budget/pots/${p}`,
          message: `Oil in the ${pot.use} makes the pour crawl and leaves craters.`,
          advice: `Keep silicone for the colours; ${mix.name} for the ${pot.use} goes without.`,
          numbers: {
            drops: mix.additives?.reduce((sum, a) => sum + ('drops' in a ? a.drops : 0), 0) ?? 0,
          },
          fix: alsoColour
            ? {
                label: 'Mix it without oil',
                patch: [
                  { op: 'add', path: `/mixes/${plan.mixes.length}`, value: twin },
                  { op: 'replace', path: `/budget/pots/${p}/mix`, value: twin.id },
                  ...laid.map((path) => ({ op: 'replace' as const, path, value: twin.id })),
                ],
              }
            : {
                label: 'Leave the oil out',
                patch: [
                  dry.length
                    ? { op: 'replace', path: `/mixes/${index}/additives`, value: dry }
                    : { op: 'remove', path: `/mixes/${index}/additives` },
                ],
              },
        },
      ];
    }),
};
