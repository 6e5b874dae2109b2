import { computePour, type PourTold } from '@potter/core/plan';
import { OAT, plan, QUINCE, SLATE } from '../../core/src/plan/fixture.test-data';
import { loadEngine } from './index';

test('of two pours, one on the other once that had dried, every mix is accounted for over both', async () => {
  const one = plan([OAT, SLATE, QUINCE]);
  const flips = one.moves.filter(({ verb }) => verb === 'flip');
  const [first, ...later] = flips;
  const rest = one.moves.filter(({ verb }) => verb !== 'flip' && verb !== 'dry');
  const twice = {
    ...one,
    moves: [
      ...rest,
      first!,
      { id: 'between', verb: 'dry' as const, until: 'touch' as const },
      ...later,
    ],
  };
  expect(later.length).toBeGreaterThan(0);
  const { told } = computePour(twice, await loadEngine(), { px: 64 });
  expect(told.later).toHaveLength(1);
  const sumOf = ({ pouredMl, faceMl, edgesMl, runOffMl }: PourTold['mixes'][string]) => [
    pouredMl,
    faceMl + edgesMl + runOffMl,
  ];
  for (const [mix, figures] of Object.entries(told.mixes)) {
    const [poured, found] = sumOf(figures) as [number, number];
    expect(poured).toBeGreaterThan(0);
    expect([mix, Math.abs(found / poured - 1) < 0.04]).toEqual([mix, true]);
  }
  // What is seen of both together is no more than all there is to see.
  const shows = Object.values(told.mixes).reduce((sum, mix) => sum + mix.shows, 0);
  expect(shows).toBeGreaterThan(0.5);
  expect(shows).toBeLessThanOrEqual(1 + 1e-6);
});
