import { brief } from '../plan/brief/brief';
import { checkPlan } from '../plan/document/check';
import { addMove, setMove, setTechniqueSettings } from '../plan/edit/moves';
import { asSequence, sequenceOf } from '../plan/edit/sequence';
import { setTechnique } from '../plan/edit/technique';
import { DAMSON, OAT, plan, QUINCE, SLATE } from '../plan/fixture.test-data';
import { previewOf } from '../plan/preview/preview';
import { idsOf } from '../registry';
import type { Move } from '../verb';
import { TECHNIQUES } from './index';
import { sequenceFaults, settableOf } from './sequence';

const paints = [OAT, SLATE, QUINCE, DAMSON];

/** A flip, then combed by hand. */
function combedFlip() {
  const p = plan(paints, { rim: { kind: 'open' } });
  const at = p.moves.findIndex((m) => m.verb === 'tilt');
  const combed = addMove(p, 'comb', at);
  return setMove(combed, at, (m) => ({ ...m, tines: 5, apartMm: 20 }) as Move);
}

test.each(idsOf(TECHNIQUES))(
  'what %s writes, kept as one’s own and taken again, is the same moves on the same plan',
  (technique) => {
    const p = plan(paints, {}, { technique });
    const own = sequenceOf(p, 'Mine');
    expect(sequenceFaults(own)).toEqual([]);
    const again = asSequence(p, own);
    expect(checkPlan(again)).toEqual([]);
    expect(again.moves).toEqual(p.moves);
  },
);

test('kept on one surface it lies on another in proportion, from that plan’s own cups and mixes', () => {
  const own = sequenceOf(combedFlip(), 'Combed flip');
  const other = plan([QUINCE, DAMSON], { shape: { kind: 'rect', widthMm: 250, heightMm: 200 } });
  const set = setTechnique(other, 'flip-cup', own);
  expect(set.plan.sequence?.name).toBe('Combed flip');
  expect(checkPlan(set.plan)).toEqual([]);
  const [comb, was] = [set.plan, combedFlip()].map((p) => p.moves.find((m) => m.verb === 'comb')!);
  expect(comb).toMatchObject({ tines: 5, apartMm: 10 });
  expect(comb!.own).toBeUndefined();
  const long = (m: Move | undefined) =>
    m?.verb === 'comb' && m.way.kind === 'line' ? m.way.toMm[0] - m.way.fromMm[0] : NaN;
  expect(long(comb)).toBeCloseTo(long(was) / 2, 1);
  expect(previewOf(set.plan, brief(set.plan)).scene.acts.some((a) => a.kind === 'drag')).toBe(true);
});

test('a surface changed afterwards carries it on, and the moves edited by hand stay', () => {
  const p = combedFlip();
  const own = asSequence(p, sequenceOf(p, 'Combed flip'));
  const at = own.moves.findIndex((m) => m.verb === 'comb');
  const moved = setMove(own, at, (m) => ({ ...m, toolMm: 6 }) as Move);
  expect(moved.moves[at]).toMatchObject({ own: true, toolMm: 6 });
  const back = setTechnique(moved, 'straight-pour').plan;
  expect(back.sequence).toBeUndefined();
  expect(back.moves.find((m) => m.verb === 'comb')).toMatchObject({ toolMm: 6, own: true });
});

test('a value chosen as a setting is set for a plan and written into its move; the others stay as they were kept', () => {
  const p = combedFlip();
  const comb = p.moves.find((m) => m.verb === 'comb')!;
  expect(settableOf(p.moves).map((s) => s.name)).toContain(`${comb.id}.tines`);
  const own = sequenceOf(p, 'Combed flip', [{ moves: [comb.id], field: 'tines' }]);
  const taken = setTechnique(plan(paints, {}, { technique: 'swipe' }), 'flip-cup', own).plan;
  const set = setTechniqueSettings(taken, { [`${comb.id}.tines`]: 9 });
  expect(checkPlan(set)).toEqual([]);
  expect(set.moves.find((m) => m.verb === 'comb')).toMatchObject({ tines: 9, apartMm: 20 });
  const wrong = { ...set, sequence: { ...set.sequence!, set: { 'comb.tines': 900, 'x.y': 1 } } };
  expect(checkPlan(wrong).map((f) => f.path)).toEqual([
    '/sequence/set/comb.tines',
    '/sequence/set/x.y',
  ]);
});

test('what it draws and a plan has not set aside is set aside, as the first technique that wants it has it', () => {
  const swipe = plan(paints, {}, { technique: 'swipe' });
  const own = sequenceOf(swipe, 'Flip and swipe');
  const flip = plan(paints, {}, { technique: 'flip-cup' });
  expect(flip.budget.pots.some((pot) => pot.use === 'activator')).toBe(false);
  const set = setTechnique(flip, 'flip-cup', own);
  expect(set.plan.budget.pots.some((pot) => pot.use === 'activator')).toBe(true);
  expect(set.plan.moves.some((m) => m.verb === 'activate')).toBe(true);
  expect(set.changed.join(' ')).toContain('activator is set aside');
  // Gone back, it is set aside no more.
  expect(setTechnique(set.plan, 'flip-cup').plan.budget.pots).toEqual(flip.budget.pots);
});

test('a name by no place, a cup there is not, a setting of nothing are told with where they stand', () => {
  const own = sequenceOf(combedFlip(), 'Combed flip');
  const flip = own.moves.findIndex((m) => m.verb === 'flip');
  const strange = (cup: string) => ({
    ...own,
    moves: own.moves.map((m, i) => (i === flip ? ({ ...m, cup } as Move) : m)),
  });
  expect(sequenceFaults(strange('c1'))).toEqual([
    { path: `/moves/${flip}/cup`, message: expect.stringContaining('cup-1 and on') },
  ]);
  expect(sequenceFaults(strange('cup-7'))[0]!.message).toBe(`there are ${own.cups} cups`);
  expect(sequenceFaults({ ...own, settings: [{ moves: ['a'], field: 'b' }] })[0]!.path).toBe(
    '/settings/0',
  );
});

test('moves done in one go are set together', () => {
  const p = plan(paints);
  const tilts = p.moves.filter((m) => m.verb === 'tilt');
  expect(tilts.length).toBeGreaterThan(2);
  const angle = settableOf(p.moves).find((s) => s.field.label === 'Tilt: Angle')!;
  // Those that bring it back to the middle are gentler of themselves.
  expect(angle.moves.length).toBeGreaterThanOrEqual(tilts.length / 2);
  const own = sequenceOf(p, 'Steeper', [{ moves: [...angle.moves], field: 'angleDeg' }]);
  const set = setTechniqueSettings(asSequence(p, own), { [angle.name]: 14 });
  expect(checkPlan(set)).toEqual([]);
  for (const move of set.moves)
    if (angle.moves.includes(move.id)) expect(move).toMatchObject({ angleDeg: 14 });
});
