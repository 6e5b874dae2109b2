import { type Technique, TECHNIQUES } from '../../technique';
import { flipCup } from '../../technique/flip-cup';
import { newPlan } from '../beginning/create';
import { brief } from '../brief/brief';
import { checkPlan } from '../document/check';
import { BRASS, CANVAS, DAMSON, OAT, plan, QUINCE, SLATE } from '../fixture.test-data';
import * as edit from './index';

/** A technique that asks for more than any there is: entered for the time of a test, as its file and its line would enter it. */
const BLOOM: Technique = {
  ...(flipCup as unknown as Technique),
  id: 'trial-bloom',
  name: 'Trial bloom',
  needs: {
    consistency: 'flowing',
    uses: [
      {
        use: 'base',
        school: 'pillow',
        overBase: { filmMm: 1.5 },
        inAll: { filmMm: 1.5 },
      },
      {
        use: 'activator',
        school: 'activator-dark',
        of: 'darkest',
        overBase: { ml: 12 },
        inAll: { ml: 12 },
      },
    ],
    loading: 'side',
    cups: { least: 2, most: 3 },
    tools: ['A straw'],
  },
};
const ID = BLOOM.id as 'flip-cup';
const registry = TECHNIQUES as unknown as Record<string, Technique>;
beforeAll(() => (registry[BLOOM.id] = BLOOM));
afterAll(() => delete registry[BLOOM.id]);

const uses = (p: ReturnType<typeof plan>) => p.budget.pots.map((pot) => pot.use);

describe('what a technique asks for', () => {
  test.each(['generous', 'lean', 'film', 'own'] as const)(
    'a new plan has it under every school, and passes its own check: %s',
    (school) => {
      const p = newPlan({
        title: 'Any',
        surface: CANVAS,
        paints: [OAT, SLATE, QUINCE],
        technique: ID,
        school,
      });
      expect(checkPlan(p)).toEqual([]);
      expect(uses(p)).toEqual(['base', 'activator']);
      const [base, activator] = p.budget.pots;
      expect(p.mixes.find((m) => m.id === base!.mix)!.name).toBe('Pillow');
      // Of the darkest colour of the plan, in a mix of its own.
      expect(p.mixes.find((m) => m.id === activator!.mix)!.paints[0]!.paint).toBe('slate');
      expect(p.cups.length).toBeGreaterThanOrEqual(2);
      expect(p.cups.length).toBeLessThanOrEqual(3);
      expect(p.cups.every((c) => c.loading === 'side')).toBe(true);
      expect(brief(p).budget.pots.find((pot) => pot.use === 'activator')!.ml).toBeGreaterThan(11);
    },
  );

  test('a changed school keeps the activator', () => {
    const p = newPlan({ title: 'Any', surface: CANVAS, paints: [OAT, SLATE], technique: ID });
    const lean = edit.setSchool(p, 'lean');
    expect(uses(lean)).toContain('activator');
    expect(checkPlan(lean)).toEqual([]);
  });

  test('a pot the artist set aside otherwise stays as it is', () => {
    const p = plan([OAT, SLATE], {}, { school: 'lean' });
    const own = edit.setBudget(p, {
      pots: p.budget.pots.map((pot) => (pot.use === 'keep' ? { ...pot, share: 0.2 } : pot)),
    });
    const keep = (q: typeof p) => q.budget.pots.find((pot) => pot.use === 'keep');
    expect(keep(edit.setSchool(own, 'generous'))).toMatchObject({ share: 0.2 });
    // What was only the usual goes with the school that wants it.
    expect(keep(edit.setSchool(p, 'generous'))).toBeUndefined();
  });
});

describe('another technique', () => {
  const start = plan([OAT, SLATE, QUINCE], {
    shape: { kind: 'rect', widthMm: 200, heightMm: 200 },
  });

  test('brings its thickness, its cups, its pots and mixes, and says so', () => {
    const { plan: bloom, changed } = edit.setTechnique(start, ID);
    expect(bloom.technique).toEqual({ id: ID, settings: {} });
    expect(checkPlan(bloom)).toEqual([]);
    expect(uses(bloom)).toEqual(['base', 'activator']);
    expect(bloom.cups).toHaveLength(2);
    expect(bloom.cups.every((c) => c.loading === 'side')).toBe(true);
    expect(bloom.mixes[0]!.consistency).toBe('flowing');
    expect(changed.join(' ')).toMatch(/3 mixes are made flowing now/);
    expect(changed.join(' ')).toMatch(/wants 2 cups/);
    expect(changed.join(' ')).toMatch(
      /A base is set aside, an activator is set aside, paint for the edges is not set aside now\./,
    );
  });

  test('and back leaves the plan as it was, but for the cups', () => {
    const there = edit.setTechnique(start, ID).plan;
    const { plan: back } = edit.setTechnique(there, 'flip-cup');
    expect(back.mixes).toEqual(start.mixes);
    expect(back.paints).toEqual(start.paints);
    expect(back.budget).toEqual(start.budget);
    expect(back.moves.filter((m) => m.verb !== 'flip')).toEqual(
      start.moves.filter((m) => m.verb !== 'flip'),
    );
  });

  test('leaves alone what the artist made: a mix of another ratio, one that is mixed, a move edited by hand', () => {
    const thick = edit.setMix(start, 0, (m) => ({ ...m, waterParts: 0.37 }));
    const made = edit.setMade(thick, {
      mix: 'm-slate',
      on: '2026-11-20',
      of: [{ material: 'slate', g: 20 }],
    });
    const at = made.moves.findIndex((m) => m.verb === 'tilt');
    const own = edit.setMove(made, at, (m) => ({ ...m, s: 33 }));
    const { plan: bloom, changed } = edit.setTechnique(own, ID);
    expect(bloom.mixes[0]).toEqual(own.mixes[0]);
    expect(bloom.mixes[1]).toEqual(own.mixes[1]);
    expect(bloom.moves.find((m) => m.id === own.moves[at]!.id)).toMatchObject({ s: 33, own: true });
    expect(changed.join(' ')).toMatch(/One mix is made flowing now/);
  });

  test('takes out cups it can do nothing with; one that reversed another keeps its layers', () => {
    const many = [1, 2, 3].reduce((p) => edit.addCup(p, 'reversed'), start);
    const { plan: few, changed } = edit.setTechnique(many, ID);
    expect(few.cups).toHaveLength(3);
    expect(checkPlan(few)).toEqual([]);
    expect(changed.join(' ')).toMatch(/can do with 3 cups: the other 1 are out/);
  });

  test('the same technique changes nothing', () =>
    expect(edit.setTechnique(start, 'flip-cup').plan).toBe(start));
});

test('every technique writes a sound plan for one colour and for many, under every school', () => {
  for (const technique of Object.keys(TECHNIQUES) as (typeof ID)[])
    for (const school of ['generous', 'lean'] as const)
      for (const paints of [[OAT], [OAT, SLATE, QUINCE, DAMSON, BRASS]])
        expect(
          checkPlan(newPlan({ title: 'Any', surface: CANVAS, paints, technique, school })),
        ).toEqual([]);
});
