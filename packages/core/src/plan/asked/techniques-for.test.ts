import { idsOf } from '../../registry';
import { TECHNIQUES } from '../../technique';
import { checkPlan } from '../document/check';
import { DAMSON, OAT, plan, QUINCE, SLATE } from '../fixture.test-data';
import { sequenceOf } from '../edit/sequence';
import { techniquesFor } from './techniques-for';

const start = () => plan([OAT, SLATE, QUINCE, DAMSON]);

test('every technique is offered once, as a whole plan, and the plan’s own comes without a change', () => {
  const all = techniquesFor(start());
  expect(all.map((t) => t.key).sort()).toEqual([...idsOf(TECHNIQUES)].sort());
  for (const { plan: p, key } of all) {
    expect(checkPlan(p)).toEqual([]);
    expect(p.technique.id).toBe(key);
  }
  expect(all.find((t) => t.key === start().technique.id)).toMatchObject({
    changes: [],
    fits: true,
  });
});

test('what shows the wish comes first, and what shows it plainest before the rest', () => {
  const all = techniquesFor(start(), { sight: 'petals' });
  const shows = all.map((t) => t.technique.sights.indexOf('petals'));
  const fitting = all.filter((t) => t.fits).length;
  expect(fitting).toBeGreaterThan(2);
  expect(shows.slice(0, fitting).every((at) => at >= 0)).toBe(true);
  expect(shows.slice(fitting).every((at) => at < 0)).toBe(true);
  expect(shows[0]).toBe(0);
});

test('without a turntable or a torch what cannot do without comes later and says so; a torch at the end is left out', () => {
  const all = techniquesFor(start(), { has: [] });
  const of = (id: string) => all.find((t) => t.key === id)!;
  expect(of('bloom')).toMatchObject({ lacks: ['turntable'], fits: false });
  expect(of('colony-torch')).toMatchObject({ lacks: ['torch'], fits: false });
  expect(of('flip-cup')).toMatchObject({ lacks: [], fits: true });
  expect(of('flip-cup').plan.moves.some((m) => m.verb === 'torch')).toBe(false);
  expect(techniquesFor(start(), { has: ['turntable'] }).find((t) => t.key === 'bloom')!.fits).toBe(
    true,
  );
});

test('half an hour is enough for a flip and not for a balloon after twenty minutes', () => {
  const all = techniquesFor(start(), { minutes: 20, has: [] });
  expect(all.find((t) => t.key === 'ring-pour')!.fits).toBe(true);
  expect(all.find((t) => t.key === 'balloon-kiss')!.fits).toBe(false);
});

test('one’s own is offered beside them, with what it would change, and is taken as it was kept', () => {
  const own = {
    began: 'swipe',
    sequence: sequenceOf(plan(undefined, {}, { technique: 'swipe' }), 'Slow swipe'),
  } as const;
  const all = techniquesFor(start(), { sight: 'lace' }, [own]);
  const offer = all.find((t) => t.key === 'own Slow swipe')!;
  expect(offer).toMatchObject({ technique: { name: 'Slow swipe' }, own });
  expect(offer.changes.length).toBeGreaterThan(0);
  expect(checkPlan(offer.plan)).toEqual([]);
  expect(offer.plan.moves.filter((m) => m.verb === 'swipe').length).toBeGreaterThan(0);
  expect(all).toHaveLength(idsOf(TECHNIQUES).length + 1);
});
