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
