import fc from 'fast-check';
import { anyDocument } from './any-document.test-data';
import { brief } from './brief/brief';
import { checkPlan } from './document/check';
import { plan } from './fixture.test-data';
import { previewOf } from './preview/preview';

const FULL = 'POTTER_FULL' in globalThis;

/** Where in a value a number is none, or an amount is less than nothing. */
function astray(value: unknown, path = ''): string[] {
  if (typeof value === 'number') {
    if (!Number.isFinite(value)) return [`${path} is ${value}`];
    return value < 0 && /\/(g|ml|totalG|totalMl|filledMl|fromMm|toMm|startS|endS)$/.test(path)
      ? [`${path} is ${value}`]
      : [];
  }
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([key, inside]) => astray(inside, `${path}/${key}`));
}

test('any document that passes the check has a brief and a preview, every number a number', () => {
  fc.assert(
    fc.property(anyDocument, (p) => {
      const computed = brief(p, { today: '2026-11-28' });
      expect(astray(computed)).toEqual([]);
      const { scene } = previewOf(p, computed);
      expect(astray(scene.acts)).toEqual([]);
      expect(Number.isFinite(scene.nu) && scene.nu > 0).toBe(true);
    }),
    { numRuns: FULL ? 5000 : 60 },
  );
});

/** `deep` mediums, each holding the one before it twice: taken apart one by one that is 2^deep of them. */
const doubled = (deep: number) => ({
  ...plan(),
  mediums: Array.from({ length: deep }, (_, i) => ({
    id: `d${i}`,
    name: `D${i}`,
    basis: 'volume' as const,
    of:
      i === 0
        ? [{ material: 'conditioner', parts: 1 }]
        : Array.from({ length: 12 }, () => ({ medium: `d${i - 1}`, parts: 1 })),
  })),
});

test('mediums in mediums are taken apart once each, and deeper than eight refused', () => {
  const held = doubled(8);
  expect(checkPlan(held)).toEqual([]);
  const poured = {
    ...held,
    mixes: held.mixes.map((m) => ({ ...m, medium: { id: 'd7', parts: 2 } })),
  };
  expect(brief(poured).mixes[0]!.viscosityPaS).toBeCloseTo(
    brief({ ...poured, mixes: poured.mixes.map((m) => ({ ...m, medium: { id: 'd0', parts: 2 } })) })
      .mixes[0]!.viscosityPaS,
    9,
  );
  const faults = checkPlan(doubled(48));
  expect(faults[0]).toMatchObject({
    path: '/mediums/8/of',
    message: expect.stringContaining('8 is the most'),
  });
});

test('a slipped ratio of water is answered, not counted down to', () => {
  const p = plan();
  const wet = { ...p, mixes: p.mixes.map((m, i) => (i ? m : { ...m, waterParts: 1e4 })) };
  const said = brief(wet).remarks.find((r) => r.code === 'too-much-water');
  const value = said?.fix?.patch[0] && 'value' in said.fix.patch[0] ? said.fix.patch[0].value : 0;
  const mended = {
    ...wet,
    mixes: wet.mixes.map((m, i) => (i ? m : { ...m, waterParts: Number(value) })),
  };
  const share = (of: typeof wet) => brief(of).mixes[0]!.waterShare;
  expect(share(mended)).toBeLessThanOrEqual(0.25);
  // A twentieth more would be over.
  const more = {
    ...mended,
    mixes: mended.mixes.map((m, i) => (i ? m : { ...m, waterParts: Number(value) + 0.05 })),
  };
  expect(share(more)).toBeGreaterThan(0.25);
});
