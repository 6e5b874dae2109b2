import { pinnedMl } from '../cup/load';
import { nameOf, type PatchOp, type RemarkDefinition } from './evidence';

export const pinnedOverPot: RemarkDefinition = {
  id: 'pinned-over-pot',
  see: (evidence) => {
    const { plan, amounts, measure } = evidence;
    return [...pinnedMl(plan.cups, measure.pieces)].flatMap(([mix, asked]) => {
      const pot = amounts.pots
        .filter((p) => p.use === 'colour' && p.mix === mix)
        .reduce((sum, p) => sum + p.ml, 0);
      if (asked <= pot + 0.5) return [];
      const places = plan.cups.flatMap((cup, c) =>
        (cup.layers ?? []).flatMap((l, i) =>
          l.mix === mix && l.ml !== undefined ? [{ c, i, ml: l.ml }] : [],
        ),
      );
      const first = places[0];
      return [
        {
          severity: 'spoils' as const,
          about: first ? `/cups/${first.c}/layers/${first.i}` : '/cups',
          message: `${nameOf(evidence, mix)} runs out while the cups are loaded.`,
          advice: `Fixed layers ask for ${Math.round(asked)} mL and its pot holds ${Math.round(pot)} mL.`,
          numbers: { askedMl: asked, potMl: pot },
          fix: {
            label: 'Let these layers share the pot',
            patch: places.flatMap(({ c, i, ml }): PatchOp[] => [
              { op: 'remove', path: `/cups/${c}/layers/${i}/ml` },
              // Parts in proportion to what was pinned keep the layers' relation.
              { op: 'add', path: `/cups/${c}/layers/${i}/parts`, value: Number(ml.toFixed(2)) },
            ]),
          },
        },
      ];
    });
  },
};
