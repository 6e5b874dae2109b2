import { idsOf } from '../../registry';
import { stagesOf } from '../../schedule';
import { DOT_PATTERNS } from '../../technique';
import { brief } from '../brief/brief';
import { checkPlan } from '../document/check';
import { DAMSON, OAT, plan, QUINCE, SLATE } from '../fixture.test-data';
import { previewOf } from '../preview/preview';
import { dotsFor } from './dots-for';

const poured = plan([SLATE, OAT, DAMSON, QUINCE]);

test('every pattern is offered on the plan as it is, after its pour and its coat, and seen', () => {
  const offers = dotsFor(poured);
  expect(offers.map(({ pattern }) => pattern)).toEqual(idsOf(DOT_PATTERNS));
  for (const { plan: dotted } of offers) {
    expect(checkPlan(dotted)).toEqual([]);
    expect(dotted.moves.slice(0, poured.moves.length)).toEqual(poured.moves);
    expect(stagesOf(dotted).map(({ title }) => title)).toEqual([
      'Pour',
      'Top coat',
      'Dots',
      'Top coat 2',
    ]);
    expect(
      previewOf(dotted, brief(dotted)).dots.flatMap(({ dots }) => dots).length,
    ).toBeGreaterThan(8);
  }
});

test('they are set in its two palest colours', () => {
  for (const { plan: dotted } of dotsFor(poured)) {
    const mixes = new Set(dotted.moves.flatMap((m) => (m.verb === 'dot' ? [m.mix] : [])));
    expect([...mixes].sort()).toEqual(['m-oat', 'm-quince']);
  }
});
