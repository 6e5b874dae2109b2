import fc from 'fast-check';
import { between } from '../between.test-data';
import { brief } from '../plan/brief/brief';
import { checkPlan } from '../plan/document/check';
import { carryOn, mayCarryOn } from '../plan/beginning/carry-on';
import { DAMSON, OAT, plan, QUINCE, SLATE } from '../plan/fixture.test-data';
import { needsOf } from '../stock/need';
import { idsOf } from '../registry';
import { TECHNIQUES } from '../technique';
import { addOn } from './at-the-table';
import { leftAfter } from './left-after';
import { advance, beginRun } from './run';

const p = plan([OAT, SLATE, QUINCE, DAMSON], { pieces: 2 });
const computed = brief(p);
const begun = beginRun('run-00000001', 'p', p, 0);
const sums = (held: readonly { mix: string; g: number }[]) => {
  const of = new Map<string, number>();
  for (const { mix, g } of held) of.set(mix, (of.get(mix) ?? 0) + g);
  return of;
};
const planned = sums(computed.budget.pots.map(({ mix, g }) => ({ mix, g })));

test('poured = planned + mixed for it − left, mix by mix, whichever moves were done and whatever went on', () => {
  fc.assert(
    fc.property(
      fc.array(fc.boolean(), { minLength: begun.moves.length, maxLength: begun.moves.length }),
      fc.array(
        fc.record({
          of: fc.nat(),
          g: between(0.1, 9),
          anew: fc.boolean(),
        }),
        { maxLength: 4 },
      ),
      (skips, additions) => {
        const mixes = [...planned.keys()];
        let run = additions.reduce(
          (r, { of, g, anew }) =>
            addOn(r, 0, { mix: mixes[of % mixes.length]!, g, at: 1, ...(anew ? { anew } : {}) }),
          begun,
        );
        for (const skip of skips) run = advance(run, 1000, skip);
        const left = sums(leftAfter(run));
        const took = sums(
          computed.run
            .filter((_, i) => run.moves.some((m) => m.move === p.moves[i]!.id && !m.skipped))
            .flatMap(({ takes }) =>
              takes.flatMap((take) =>
                take.cup === undefined
                  ? [{ mix: take.mix!, g: take.g }]
                  : computed.cups
                      .find(({ id }) => id === take.cup)!
                      .layers.map(({ mix, g }) => ({ mix, g: g * p.surface.pieces })),
              ),
            ),
        );
        const added = sums(run.moves.flatMap((m) => m.added ?? []));
        const anew = sums(run.moves.flatMap((m) => (m.added ?? []).filter((a) => a.anew)));
        for (const mix of mixes) {
          const poured = (took.get(mix) ?? 0) + (added.get(mix) ?? 0);
          const there = planned.get(mix)! + (anew.get(mix) ?? 0) - (left.get(mix) ?? 0);
          // What clings in each cup and pot is not told; what was put on beyond what there was cannot be left.
          expect(poured - there).toBeGreaterThan(-0.01);
          expect(poured - there).toBeLessThan(1.01 * (p.cups.length + 3) + (added.get(mix) ?? 0));
        }
      },
    ),
    { numRuns: 40 },
  );
});

test('all done, what was kept back is left; a flip that was skipped leaves its cup', () => {
  const all = begun.moves.reduce((run, _, i) => advance(run, 1000 * i), begun);
  const kept = computed.budget.pots.filter(({ use }) => use === 'keep');
  expect(sums(leftAfter(all).filter(({ cup }) => cup === undefined))).toEqual(
    sums(kept.filter(({ g }) => g >= 1)),
  );
  const flip = p.moves.find((m) => m.verb === 'flip')!;
  const skipped = begun.moves.reduce(
    (run, { move }, i) => advance(run, 1000 * i, move === flip.id),
    begun,
  );
  const cup = computed.cups.find(({ id }) => id === (flip as { cup: string }).cup)!;
  const inCup = leftAfter(skipped).filter((held) => held.cup === cup.id);
  expect(inCup.map(({ mix }) => mix)).toEqual(cup.layers.map(({ mix }) => mix));
  inCup.forEach(({ g }, i) => expect(g).toBeCloseTo(2 * cup.layers[i]!.g, 6));
});

test.each(idsOf(TECHNIQUES))(
  'what %s leaves becomes a sound plan of just that much',
  (technique) => {
    const one = plan([OAT, SLATE, QUINCE, DAMSON], {}, { technique });
    let run = beginRun('run-00000001', 'p', one, 0);
    // Half way one stops.
    for (let i = 0; i < begun.moves.length; i++) run = advance(run, 1000 * i, i > 1);
    const left = leftAfter(run);
    if (!mayCarryOn(left)) return;
    const next = carryOn(one, left, run.id);
    expect(checkPlan(next)).toEqual([]);
    const made = sums(brief(next).budget.pots.map(({ mix, g }) => ({ mix, g })));
    const whole = sums(left);
    for (const [mix, g] of made) expect(Math.abs(g - whole.get(mix)!)).toBeLessThan(0.02 * g + 0.6);
    expect([...made.values()].reduce((sum, g) => sum + g, 0)).toBeGreaterThan(
      0.9 * [...whole.values()].reduce((sum, g) => sum + g, 0),
    );
    for (const { capacityMl, filledMl } of brief(next).cups)
      expect(filledMl).toBeLessThan(capacityMl);
    // Nothing comes off the shelf for it but what the rounding asks.
    const paints = needsOf(next, brief(next)).filter(({ kind }) => kind === 'paint');
    expect(paints.reduce((sum, need) => sum + ('g' in need ? need.g : 0), 0)).toBeLessThan(2);
    expect(next.moves.length).toBeGreaterThan(0);
  },
);
