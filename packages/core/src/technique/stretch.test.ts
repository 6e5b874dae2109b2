import { setTechniqueSettings } from '../plan/edit/moves';
import { checkPlan } from '../plan/document/check';
import { OAT, plan, SLATE } from '../plan/fixture.test-data';
import type { Plan } from '../plan/document/schema';
import { brief } from '../plan/brief/brief';

const by = (how: 'tilts' | 'spin' | 'both', of: Plan = plan([OAT, SLATE])) =>
  setTechniqueSettings(of, { by: how });
const verbs = (p: Plan) =>
  p.moves.map((m) => m.verb).filter((verb) => verb === 'tilt' || verb === 'spin');

test('a pour is stretched by tilting, on a turntable, or by both', () => {
  const tilted = by('tilts');
  expect(verbs(tilted)).toEqual(verbs(plan([OAT, SLATE])));
  expect(verbs(by('spin'))).toEqual(['spin']);
  expect(verbs(by('both'))).toEqual([...verbs(tilted), 'spin']);
  for (const how of ['tilts', 'spin', 'both'] as const)
    expect(checkPlan(structuredClone(by(how)))).toEqual([]);
});

test('behind a raised rim it is led round whatever is asked', () => {
  const tray = plan([OAT, SLATE], { rim: { kind: 'raised', heightMm: 12 } });
  expect(verbs(by('spin', tray))).toEqual(verbs(tray));
});

// Emslie, Bonner and Peck 1958: a millimetre of paint is what the spin leaves, so nobody is told that it thins too far.
test('its own spin does not spin too thin', () =>
  expect(brief(by('spin')).remarks.map((r) => r.code)).not.toContain('spun-too-thin'));

test('torched quarter by quarter every place has its pass, each with a look after it, and no place two', () => {
  const torched = setTechniqueSettings(plan([OAT, SLATE]), { torch: 'sectors' });
  expect(checkPlan(structuredClone(torched))).toEqual([]);
  const passes = torched.moves.filter((m) => m.verb === 'torch' && m.id !== 'torch-again');
  expect(passes).toHaveLength(4);
  const { widthMm, heightMm } = { widthMm: 500, heightMm: 400 };
  const middles = passes.map((m) => (m.verb === 'torch' ? m.atMm! : [0, 0]));
  expect(new Set(middles.map(([x, y]) => `${x! < widthMm / 2} ${y! < heightMm / 2}`)).size).toBe(4);
  for (const pass of passes) {
    const after = torched.moves[torched.moves.indexOf(pass) + 1];
    expect(after?.verb).toBe('rest');
  }
  expect(brief(torched).remarks.filter((r) => r.severity === 'spoils')).toEqual([]);
});
