import { checkPlan } from '../plan/document/check';
import { addDots } from '../plan/edit/stages';
import { OAT, plan, SLATE } from '../plan/fixture.test-data';
import { stagesOf } from '../schedule';
import { pourOver } from './pour-over';

const oily = (p: ReturnType<typeof plan>) => ({
  ...p,
  mixes: p.mixes.map((mix, i) =>
    i === 0 ? { ...mix, additives: [{ material: 'silicone', drops: 2, perMl: 60 }] } : mix,
  ),
});

test('over an old piece: sealed, its oil is known and cleaned off first, only the pour is begun anew', () => {
  const before = plan([OAT, SLATE]);
  const dotted = addDots(oily(before), {
    pattern: 'mandala',
    mixes: ['m-oat'],
    dotMm: 6,
    round: 12,
    rows: 3,
    coated: true,
  });
  const over = pourOver({ id: 'run-00000001', plan: dotted });
  expect(checkPlan(over)).toEqual([]);
  expect(over.surface).toMatchObject({
    absorbency: 'sealed',
    over: { silicone: 'yes', run: 'run-00000001' },
  });
  const tasks = over.moves.flatMap((m) => (m.verb === 'tend' ? [m.task] : []));
  expect(tasks.slice(0, 2)).toEqual(['clean-oil', 'sand-ridges']);
  expect(stagesOf(over).map(({ title }) => title)).toEqual(['Pour']);
  expect(over.budget.pots).toEqual(before.budget.pots);
  // Without oil nothing is to be cleaned off.
  const dry = pourOver({ id: 'run-00000001', plan: before });
  expect(dry.surface.over?.silicone).toBe('no');
  expect(dry.moves.some((m) => m.verb === 'tend' && m.task === 'clean-oil')).toBe(false);
});
