import { brief } from '../brief/brief';
import { checkPlan } from '../document/check';
import { KALE, loaded, OAT, plan, RED, SLATE } from '../fixture.test-data';
import { layBetween, lightBetween, lightened, lightenOffer } from './lighter';
import { neighbourTable } from './neighbour-table';
import type { Plan } from '../document/schema';

const RED2 = { ...RED, id: 'red2', name: 'Second red', hex: '#9d212d' };
const alike = loaded(plan([RED, RED2, OAT]), 'm-red', 'm-red2', 'm-oat');
const pairOf = (p: Plan, a: string, b: string) =>
  neighbourTable(p, brief(p)).find((n) => [n.a, n.b].sort().join() === [a, b].sort().join())!;

test('two colours that merge are set apart by as little white as does it', () => {
  expect(pairOf(alike, 'm-red', 'm-red2').judged.verdict).toBe('merge');
  const offer = lightenOffer(alike, brief(alike), 'm-red', 'm-red2')!;
  expect(offer.paint.id).toBe('oat');
  const p = lightened(alike, offer);
  expect(checkPlan(p)).toEqual([]);
  expect(['merge', 'low']).not.toContain(pairOf(p, 'm-red', 'm-red2').judged.verdict);
  expect(brief(p).mixes.find((m) => m.id === offer.mix)!.masstoneHex).toBe(offer.hex);
  // Half of it would not have done: the offer is the least of the ladder.
  const half = offer.paints.map((q) => (q.paint === 'oat' ? { ...q, parts: q.parts / 2 } : q));
  const less = lightened(alike, { ...offer, paints: half });
  expect(pairOf(less, 'm-red', 'm-red2').judged.deltaE).toBeLessThan(20);
});

test('the shelf lends a light paint where the plan has none', () => {
  const bare = plan([RED, RED2]);
  expect(lightenOffer(bare, brief(bare), 'm-red', 'm-red2')).toBeUndefined();
  const offer = lightenOffer(bare, brief(bare), 'm-red', 'm-red2', [SLATE, OAT])!;
  expect(checkPlan(lightened(bare, offer))).toEqual([]);
});

test('a light layer goes wherever the two touch, and keeps them from touching', () => {
  expect(lightBetween(alike, brief(alike), 'm-red', 'm-red2')).toBe('m-oat');
  const p = layBetween(loaded(alike, 'm-red', 'm-red2', 'm-red'), 'm-red2', 'm-red', 'm-oat');
  expect(p.cups[0]!.layers!.map((l) => l.mix)).toEqual([
    'm-red',
    'm-oat',
    'm-red2',
    'm-oat',
    'm-red',
  ]);
  expect(pairOf(p, 'm-red', 'm-red2').touches).toBe(0);
});

test('nothing dark or alike is offered to lie between', () => {
  const p = plan([RED, RED2, SLATE, KALE]);
  expect(lightBetween(p, brief(p), 'm-red', 'm-red2')).toBeUndefined();
});
