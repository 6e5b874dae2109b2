import { type Finding, nameOf, type RemarkDefinition } from './evidence';

export const colourNotLoaded: RemarkDefinition = {
  id: 'colour-not-loaded',
  see: (evidence) => {
    const { plan, amounts, cups } = evidence;
    const loaded = new Set(cups.flatMap((cup) => cup.layers.map((l) => l.mix)));
    const idle = amounts.pots.filter((p) => p.use === 'colour' && p.g > 0 && !loaded.has(p.mix));
    const first = plan.cups.findIndex((cup) => cup.layers);
    const empty = plan.cups.flatMap((cup, c) =>
      (cup.layers ?? []).flatMap((layer, i): Finding[] => {
        const ml = cups[c]?.layers[i]?.ml ?? 0;
        const pot = amounts.pots.find((p) => p.use === 'colour' && p.mix === layer.mix);
        if (ml > 0 || (pot && pot.g > 0)) return [];
        return [
          {
            severity: 'may',
            about: `/cups/${c}/layers/${i}`,
            message: `A layer of ${nameOf(evidence, layer.mix)} stays empty: no paint is set aside for it.`,
            advice: 'Give the colour a share, or take the layer out.',
            numbers: {},
            fix: {
              label: 'Take the layer out',
              patch: [{ op: 'remove', path: `/cups/${c}/layers/${i}` }],
            },
          },
        ];
      }),
    );
    return [
      ...idle.map((pot): Finding => ({
        severity: 'may',
        about: `/budget/shares/${plan.budget.shares.findIndex((s) => s.mix === pot.mix)}`,
        message: `${nameOf(evidence, pot.mix)} is mixed and never poured.`,
        advice: `${Math.round(pot.g)} g of it are in no cup.`,
        numbers: { g: pot.g },
        ...(first >= 0
          ? {
              fix: {
                label: `Put it in cup ${first + 1}`,
                patch: [
                  {
                    op: 'add',
                    path: `/cups/${first}/layers/-`,
                    value: { mix: pot.mix, parts: 1, placement: 'wall' },
                  },
                ],
              },
            }
          : {}),
      })),
      ...empty,
    ];
  },
};
