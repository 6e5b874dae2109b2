import { openBook } from '../../material/book';
import { consistencyOf } from '../../mix/consistency';
import { makeRecipe } from '../../mix/recipe';
import { MIX_SCHOOLS } from '../../mix/school';
import { brief } from '../brief/brief';
import { checkPlan } from '../document/check';
import * as edit from '.';
import { BRASS, DAMSON, OAT, plan, QUINCE, SLATE } from '../fixture.test-data';
import { madeMixes } from '../asked/made-mixes';
import type { Plan } from '../document/schema';
import { standing } from '../asked/standing';
import { ownStrength, thicknessAdvice, thicknesses } from '../asked/thickness';
import { wantedConsistency } from '../beginning/wanted';

const school = (id: string) => MIX_SCHOOLS.find((s) => s.id === id)!;
const mixOf = (p: Plan, id: string) => p.mixes.findIndex((m) => m.id === id);
const stepOf = (p: Plan, id: string) => {
  const book = openBook(p.materials ?? [], p.mediums ?? []);
  const recipe = makeRecipe(p.mixes[mixOf(p, id)]!, (x) => p.paints.find((q) => q.id === x)!, book);
  return consistencyOf(recipe.viscosityPaS);
};

describe('how thick a mix should be', () => {
  test('as the technique says, with its reason', () =>
    expect(wantedConsistency(plan(), 'm-slate')).toMatchObject({
      step: 'medium',
      why: expect.stringMatching(/Flip cup/),
    }));
  test('a metallic by the school the plan follows', () => {
    const brass = plan([OAT, SLATE, BRASS]);
    expect(wantedConsistency(brass, 'm-brass')).toMatchObject({
      step: 'medium',
      disputed: 'metallics',
    });
    const thicker = edit.setMetallics(brass, 'thicker');
    expect(wantedConsistency(thicker, 'm-brass').step).toBe('thick');
    expect(stepOf(thicker, 'm-brass')).toBe('thick');
    expect(thicker.mixes[mixOf(thicker, 'm-slate')]).toEqual(brass.mixes[mixOf(brass, 'm-slate')]);
    const alike = edit.setMetallics(thicker, 'alike');
    expect(stepOf(alike, 'm-brass')).toBe('medium');
    expect(brief(alike).remarks.map((r) => r.code)).not.toContain('metallic-as-thin');
  });
  test('an activator is thin, and may be mixed from a paint that is a colour already', () => {
    const p = edit.addMix(plan(), school('activator-light'), OAT);
    const id = p.mixes.at(-1)!.id;
    expect(wantedConsistency(p, id).step).toBe('thin');
    expect(stepOf(p, id)).toBe('thin');
    expect(p.budget.pots.at(-1)).toMatchObject({ use: 'activator', mix: id, ml: 12 });
    expect(p.paints).toHaveLength(3);
    expect(checkPlan(p)).toEqual([]);
  });
});

test('a pillow becomes the base there is, with a paint of its own', () => {
  const lean = plan([OAT, SLATE], {}, { school: 'lean' });
  const [white] = school('pillow').paints!;
  const p = edit.addMix(lean, school('pillow'), white!);
  const bases = p.budget.pots.filter((x) => x.use === 'base');
  expect(bases).toHaveLength(1);
  expect(bases[0]!.mix).toBe('m-house-white');
  expect(p.moves.some((m) => m.verb === 'lay' && m.mix === 'm-house-white')).toBe(true);
  expect(p.mixes.at(-1)).not.toHaveProperty('medium');
  expect(checkPlan(p)).toEqual([]);
});

test('a pearl under-colour comes in as a colour with a layer', () => {
  const p = edit.addMix(plan(), school('pearl'), BRASS);
  expect(p.budget.shares.some((s) => s.mix === 'm-brass' && s.share > 0)).toBe(true);
  expect(p.cups[0]!.layers!.some((l) => l.mix === 'm-brass')).toBe(true);
  expect(checkPlan(p)).toEqual([]);
  // The dump colour’s own water is part of its recipe: no warning.
  const dump = edit.makeBySchool(p, mixOf(p, 'm-slate'), school('dump'));
  expect(brief(dump).remarks.map((r) => r.code)).not.toContain('too-much-water');
});

test('a ratio as it was said replaces what it speaks of', () => {
  const p = edit.setMix(plan(), 0, (m) => ({ ...m, waterParts: 0.2 }));
  expect(edit.applyRatio(p, 0, { mediumParts: 3 }).mixes[0]).toMatchObject({
    medium: { id: 'conditioner', parts: 3 },
    waterParts: 0.2,
  });
  const dry = edit.applyRatio(p, 0, { mediumParts: 0, waterParts: 0, basis: 'weight' }).mixes[0];
  expect(dry).toMatchObject({ basis: 'weight' });
  expect(dry).not.toHaveProperty('medium');
  expect(dry).not.toHaveProperty('waterParts');
});

test('a mix of several paints takes and gives them; paints nobody uses leave', () => {
  const p = edit.addMixPaint(plan(), 0, DAMSON);
  expect(p.mixes[0]!.paints.map((x) => x.paint)).toEqual(['oat', 'damson']);
  expect(edit.addMixPaint(p, 0, DAMSON)).toBe(p);
  const back = edit.removeMixPaint(p, 0, 'damson');
  expect(back.paints.map((x) => x.id)).toEqual(['oat', 'slate', 'quince']);
  expect(edit.removeMixPaint(back, 0, 'oat')).toBe(back);
  // Two paints in one, then the first left out: it stays in the plan while another mix has it.
  const shared = edit.removeMixPaint(edit.addMixPaint(p, 1, OAT), 0, 'oat');
  expect(shared.paints.some((x) => x.id === 'oat')).toBe(true);
  expect(
    brief(edit.addMixPaint(plan(), 0, QUINCE)).mixes[0]!.steps.map((s) => s.material),
  ).toContain('quince');
});

test('a medium from the shelf brings the mediums inside it', () => {
  const own = [
    { id: 'o', name: 'O', basis: 'volume' as const, of: [{ medium: 'i', parts: 1 }] },
    {
      id: 'i',
      name: 'I',
      basis: 'weight' as const,
      of: [
        { material: 'mine', parts: 1 },
        { material: 'water', parts: 1 },
      ],
    },
  ];
  const mine = {
    id: 'mine',
    name: 'Mine',
    role: 'binder' as const,
    densityGPerMl: 1.1,
    viscosityPaS: 2,
  };
  const p = edit.setMedium(plan(), 0, 'o', own, [mine]);
  expect(p.mediums?.map((m) => m.id)).toEqual(['o', 'i']);
  expect(p.materials).toEqual([mine]);
  expect(checkPlan(p)).toEqual([]);
  const made = brief(p).mediums.map((m) => m.id);
  // The inner one first, since the outer takes from it.
  expect(made).toEqual(['i', 'o']);
});

test('what is nested is asked for by all that hold it', () => {
  const p: Plan = {
    ...plan([OAT, SLATE]),
    mixes: plan([OAT, SLATE]).mixes.map((m, i) => ({
      ...m,
      medium: { id: i === 0 ? 'medium-glue-polymer' : 'glue-water', parts: 1 },
    })),
  };
  const b = brief(p);
  expect(b.mediums.map((m) => m.id)).toEqual(['glue-water', 'medium-glue-polymer']);
  const of = (steps: readonly { material: string; g: number }[]) =>
    steps.filter((s) => s.material === 'glue-water').reduce((sum, s) => sum + s.g, 0);
  expect(b.mediums[0]!.g).toBeCloseTo(
    of(b.mixes.flatMap((m) => m.steps)) + of(b.mediums[1]!.steps),
    6,
  );
});

describe('what was noted of a mix', () => {
  const read = (p: Plan, moundS: number, on = '2026-11-28T10:00') =>
    edit.addReading(p, { mix: 'm-slate', on, moundS: [moundS] });
  const add = (p: Plan, g: number, material = 'water') =>
    edit.addReading(p, {
      mix: 'm-slate',
      on: '2026-11-28T10:05',
      added: { material, g, inCupG: 200 },
    });
  const slate = (p: Plan) => thicknesses(p, brief(p)).find((t) => t.mix === 'm-slate')!;

  test('an addition is reckoned on top of the last test', () => {
    const thick = read(plan(), 3.5);
    expect(slate(thick)).toMatchObject({ step: 'thick', read: true });
    const advice = thicknessAdvice(thick, brief(thick), 'm-slate', 200);
    if (advice.kind !== 'add') throw new Error(advice.kind);
    const after = add(thick, advice.g, advice.id);
    expect(slate(after).step).toBe('medium');
    expect(thicknessAdvice(after, brief(after), 'm-slate', 200 + advice.g)).toEqual({
      kind: 'right',
    });
  });

  test('a mix that answered by half is given twice as much the next time', () => {
    const thick = read(plan(), 8);
    const once = add(thick, 4);
    const reckoned = Math.log(slate(once).viscosityPaS / slate(thick).viscosityPaS);
    // A stick reading halfway between before and what was reckoned.
    const halfway = slate(thick).viscosityPaS * Math.exp(reckoned / 2);
    const seconds = 4 + (4 * Math.log(halfway / 3.6)) / Math.log(8 / 3.6);
    const p = read(once, seconds, '2026-11-28T10:10');
    expect(ownStrength(p, brief(p), 'm-slate')).toBeCloseTo(2, 2);
    expect(ownStrength(p, brief(p), 'm-oat')).toBe(1);
    const [own, plain] = [p, read(plan(), seconds)].map((x) =>
      thicknessAdvice(x, brief(x), 'm-slate', 200),
    );
    if (own?.kind !== 'add' || plain?.kind !== 'add') throw new Error('no advice');
    expect(own.g / plain.g).toBeGreaterThan(1.9);
  });

  test('one that went the other way is believed within limits', () => {
    const odd = read(add(read(plan(), 3), 20), 6);
    expect(ownStrength(odd, brief(odd), 'm-slate')).toBe(2);
  });

  test('what was added counts as made', () => {
    const made = edit.setMade(plan(), {
      mix: 'm-slate',
      on: '2026-11-28T10:00',
      of: [{ material: 'water', g: 2 }],
    });
    expect(add(add(made, 3), 4, 'slate').made![0]!.of).toEqual([
      { material: 'water', g: 5 },
      { material: 'slate', g: 4 },
    ]);
  });
});

describe('a mix that stands', () => {
  const made = (on: string) =>
    edit.setMade(plan(), { mix: 'm-slate', on, of: [{ material: 'slate', g: 90 }] });
  test('is told of after half an hour, until it is tested again or poured', () => {
    const p = made('2026-11-28T10:00');
    expect(standing(p, '2026-11-28T10:29')).toEqual([]);
    expect(standing(p, '2026-11-28T10:31')).toEqual([
      { mix: 'm-slate', name: 'Slate', minutes: 31 },
    ]);
    const tested = edit.addReading(p, { mix: 'm-slate', on: '2026-11-28T10:35', moundS: [1] });
    expect(standing(tested, '2026-11-28T10:40')).toEqual([]);
    expect(standing(tested, '2026-11-28T11:05')).toHaveLength(1);
    expect(standing(p, '2026-11-28T11:00', '2026-11-28T10:45')).toEqual([]);
    expect(standing(p, '2026-11-28T23:00')).toEqual([]);
  });
  test('over midnight too; a day without a time tells nothing', () => {
    expect(standing(made('2026-11-28T23:50'), '2026-11-29T00:25')[0]?.minutes).toBe(35);
    expect(standing(made('2026-11-28'), '2026-11-28T12:00')).toEqual([]);
  });
});

test('the log of mixes tells what the plan leaves of them, and that oil is in them', () => {
  const oily = edit.setAdditives(plan(), 1, [{ material: 'silicone', drops: 2, perMl: 60 }], []);
  const { g } = brief(oily).mixes[1]!;
  const p = edit.setMade(oily, {
    mix: oily.mixes[1]!.id,
    on: '2026-11-28T10:00',
    of: [{ material: 'slate', g: g + 30 }],
  });
  expect(madeMixes(p, brief(p))).toEqual([
    expect.objectContaining({ mix: 'm-slate', leftG: 30, takenG: g, silicone: true, read: false }),
  ]);
  expect(madeMixes(plan(), brief(plan()))).toEqual([]);
});

test('a colour found as a mix comes in with its paints, a share and a layer, at the thickness of the pour', () => {
  const found = {
    paints: [
      { paint: 'oat', parts: 6 },
      { paint: 'brass', parts: 1 },
    ],
    hex: '#e8dcc0',
    deltaE: 1,
    opacity: 'opaque' as const,
    densityGPerMl: 1.3,
  };
  const p = edit.addFound(plan(), found, [BRASS], 'Parchment');
  expect(checkPlan(p)).toEqual([]);
  expect(p.paints.map((x) => x.id)).toContain('brass');
  const mix = p.mixes.at(-1)!;
  expect(mix).toMatchObject({ name: 'Parchment', paints: found.paints });
  expect(stepOf(p, mix.id)).toBe('medium');
  expect(p.cups[0]!.layers!.some((l) => l.mix === mix.id)).toBe(true);
  // A paint nobody has any more: nothing changes.
  expect(edit.addFound(plan(), found, [], 'Parchment')).toEqual(plan());
});

describe('one act for all mixes', () => {
  const p = plan([OAT, SLATE, QUINCE, BRASS]);
  const brass = p.mixes.findIndex((m) => m.id === 'm-brass');
  const own = edit.setOwnWay(p, brass, true);
  const said = { mediumParts: 3, waterParts: 0.2 };

  test('reaches every colour but the one that goes its own way, and can be taken back for that too', () => {
    const done = edit.setAlike(own, (q, index) => edit.applyRatio(q, index, said));
    for (const mix of done.mixes)
      expect(mix.medium?.parts).toBe(mix.id === 'm-brass' ? p.mixes[brass]!.medium?.parts : 3);
    const again = edit.setAlike(edit.setOwnWay(done, brass, false), (q, index) =>
      edit.applyRatio(q, index, said),
    );
    expect(again.mixes.every((m) => m.waterParts === 0.2)).toBe(true);
    expect(again.mixes[brass]).not.toHaveProperty('ownWay');
    expect(checkPlan(own)).toEqual([]);
  });

  test('leaves activators as they are', () => {
    const school = MIX_SCHOOLS.find((s) => s.use === 'activator')!;
    const more = edit.addMix(p, school, OAT);
    const done = edit.setAlike(more, (q, index) => edit.applyRatio(q, index, said));
    expect(done.mixes.at(-1)).toEqual(more.mixes.at(-1));
    expect(edit.alikeIn(more)).toHaveLength(4);
  });

  test('takes all to one thickness, each with its own water', () => {
    const done = edit.setAlike(p, (q, index) => edit.toStep(q, index, 'flowing'));
    expect(brief(done).mixes.map((m) => m.consistency)).toEqual(p.mixes.map(() => 'flowing'));
  });
});

describe('the artist is right', () => {
  const p = plan([SLATE, DAMSON, QUINCE, OAT]);
  const steps = (q: Plan) => brief(q).mixes.map((m) => m.consistency);
  const of = (q: Plan, id: string) => thicknesses(q, brief(q)).find((t) => t.mix === id)!;
  // Reckoned medium, wanted flowing, and found right by the stick.
  const wanted = edit.setMix(p, mixOf(p, 'm-slate'), (m) => ({ ...m, consistency: 'flowing' }));
  const right = edit.settleRight(
    wanted,
    'm-slate',
    '2026-11-28T10:00',
    of(wanted, 'm-slate').reckonedPaS,
  );

  test('the mix is settled, its siblings follow, other kinds stay', () => {
    expect(checkPlan(right)).toEqual([]);
    expect(edit.siblingsOf(p, 'm-slate')).toEqual(['Damson', 'Quince yellow']);
    expect(of(right, 'm-slate')).toMatchObject({ step: 'flowing', read: true });
    expect(steps(wanted)).toEqual(['medium', 'medium', 'medium', 'medium']);
    expect(steps(right)).toEqual(['flowing', 'flowing', 'flowing', 'medium']);
    expect(
      brief(right).remarks.filter((r) => r.code === 'off-consistency' && r.about.includes('/0')),
    ).toEqual([]);
  });

  test('said twice it is the same, and a test that says otherwise is believed for this mix', () => {
    const twice = edit.settleRight(
      right,
      'm-slate',
      '2026-11-28T10:05',
      of(right, 'm-slate').reckonedPaS,
    );
    expect(twice.landings).toEqual(right.landings);
    const thick = edit.addReading(right, { mix: 'm-slate', on: '2026-11-28T10:10', moundS: [4] });
    expect(of(thick, 'm-slate').step).toBe('thick');
  });

  test('the next plan begins with it', () => {
    const next = plan([SLATE], {}, { landings: right.landings! });
    expect(brief(next).mixes[0]!.consistency).toBe('medium');
    expect(next.mixes[0]!.medium!.parts).toBeLessThan(p.mixes[0]!.medium!.parts);
  });
});
