import fc, { type Arbitrary } from 'fast-check';
import { MATERIALS } from '../material/catalogue';
import { STOCK_MEDIUMS } from '../material/medium';
import { checkPlan } from './document/check';
import { type Plan, PlanSchema } from './document/schema';

type Json = Readonly<Record<string, unknown>>;

/** Any value a schema allows, limits and odd corners included; what hangs together by ids is put right afterwards. */
function any(schema: Json): Arbitrary<unknown> {
  if ('const' in schema) return fc.constant(schema['const']);
  const variants = (schema['oneOf'] ?? schema['anyOf']) as Json[] | undefined;
  if (variants) return fc.oneof(...variants.map(any));
  switch (schema['type']) {
    case 'object': {
      const required = new Set((schema['required'] ?? []) as string[]);
      const properties = Object.entries((schema['properties'] ?? {}) as Record<string, Json>);
      return fc.record(Object.fromEntries(properties.map(([name, of]) => [name, any(of)])), {
        requiredKeys: properties.flatMap(([name]) => (required.has(name) ? [name] : [])),
      });
    }
    case 'array': {
      const items = schema['items'] as Json | Json[];
      if (Array.isArray(items)) return fc.tuple(...items.map(any));
      const [min, max] = [Number(schema['minItems'] ?? 0), Number(schema['maxItems'] ?? 4)];
      return fc.array(any(items), { minLength: min, maxLength: Math.min(max, Math.max(min, 4)) });
    }
    case 'number':
    case 'integer': {
      const whole = schema['type'] === 'integer';
      const least = Number(schema['minimum'] ?? -1e6);
      const most = Number(schema['maximum'] ?? 1e6);
      const within = whole
        ? fc.integer({ min: least, max: most })
        : fc.double({ min: least, max: most, noNaN: true });
      return fc.oneof({ weight: 6, arbitrary: within }, fc.constantFrom(least, most));
    }
    case 'boolean':
      return fc.boolean();
    default:
      return text(schema);
  }
}

/** Texts by their pattern: those of the format are few. */
function text({ pattern, minLength = 0, maxLength = 12 }: Json): Arbitrary<string> {
  if (pattern === undefined)
    return fc.string({ minLength: Number(minLength), maxLength: Math.min(12, Number(maxLength)) });
  const said = String(pattern);
  if (said.startsWith('^#')) return fc.constantFrom('#000000', '#ffffff', '#d8a526', '#4a2045');
  if (said.includes('2200'))
    return fc.constantFrom('1900-01-01', '2200-12-31T23:59', '2026-11-28T10:00');
  if (said.includes('[0-9.:]')) return fc.constantFrom('PW6', 'PY42', 'PB15:3', 'PX1');
  return fc.constantFrom('a-12345678', 'b-12345678', 'c-12345678');
}

/** Keeps documents to a size a test can pour over, and lets every name in them mean something. */
function whole(raw: Plan, pick: (n: number) => number): Plan {
  const named = <T extends { id: string }>(kind: string, all: readonly T[]): T[] =>
    all.map((one, i) => ({ ...one, id: `${kind}${i}` }));
  const of = (ids: readonly { readonly id: string }[]) => ids[pick(ids.length)]!.id;
  const paints = named('p', raw.paints);
  const materials = named('mat', raw.materials ?? []);
  const known = [...MATERIALS, ...materials];
  const mediums = named('med', raw.mediums ?? []).map((medium, i, all) => ({
    ...medium,
    // Only those before it, so that none comes to hold itself.
    of: medium.of.map((item) =>
      'medium' in item && i > 0
        ? { ...item, medium: all[pick(i)]!.id }
        : { material: of(known), parts: item.parts },
    ),
  }));
  const media = [...STOCK_MEDIUMS, ...mediums];
  const mixes = named('m', raw.mixes).map((mix) => ({
    ...mix,
    paints: mix.paints.map((p) => ({ ...p, paint: of(paints) })),
    ...(mix.medium ? { medium: { ...mix.medium, id: of(media) } } : {}),
    ...(mix.additives
      ? { additives: mix.additives.map((a) => ({ ...a, material: of(known) })) }
      : {}),
  }));
  const mix = () => of(mixes);
  const each = <T extends { mix: string }>(all: readonly T[] | undefined) =>
    all?.map((one) => ({ ...one, mix: mix() }));
  const cups = named('c', raw.cups).map(({ reverseOf, layers, ...cup }, i) =>
    reverseOf !== undefined && i > 0
      ? { ...cup, reverseOf: 'c0' }
      : {
          ...cup,
          layers: (layers ?? []).map(({ ml, ...layer }, k) =>
            ml !== undefined && k % 2
              ? { placement: layer.placement, mix: mix(), ml }
              : { ...layer, mix: mix(), parts: layer.parts ?? 1 },
          ),
        },
  );
  const seen = new Set<string>();
  const shares = raw.budget.shares
    .map((s) => ({ ...s, mix: mix() }))
    .filter((s) => !seen.has(s.mix) && seen.add(s.mix));
  const moves = named('mv', raw.moves as unknown as ({ id: string } & Json)[]).map((move, i) => {
    const { with: _, piece, ...rest } = move as Json & { piece?: number };
    const fixed: Record<string, unknown> = { ...rest };
    for (const key of ['mix', 'cup', 'cups'] as const)
      if (key in fixed)
        fixed[key] =
          key === 'mix'
            ? mix()
            : key === 'cup'
              ? of(cups)
              : [of(cups), of(cups)].slice(0, 1 + (i % 2));
    return {
      ...fixed,
      ...(piece === undefined ? {} : { piece: 1 + (piece % raw.surface.pieces) }),
    };
  });
  return {
    ...raw,
    paints,
    materials,
    mediums,
    mixes,
    cups,
    moves: moves as unknown as Plan['moves'],
    budget: {
      ...raw.budget,
      shares,
      pots: raw.budget.pots.map((pot) => {
        const { filmMm, ml, g, share } = pot;
        const amount =
          filmMm !== undefined
            ? { filmMm }
            : ml !== undefined
              ? { ml }
              : g !== undefined
                ? { g }
                : { share: share ?? 0.1 };
        return { use: pot.use, mix: mix(), ...amount };
      }),
    },
    ...(raw.made ? { made: each(raw.made)! } : {}),
    ...(raw.readings ? { readings: each(raw.readings)! } : {}),
    ...(raw.pictures ? { pictures: each(raw.pictures)! } : {}),
    ...(raw.order
      ? {
          order: {
            ...raw.order,
            ...(raw.order.first === undefined ? {} : { first: mix() }),
            ...(raw.order.last === undefined ? {} : { last: mix() }),
            ...(raw.order.separator === undefined ? {} : { separator: mix() }),
            ...(raw.order.apart ? { apart: [] } : {}),
          },
        }
      : {}),
  } as Plan;
}

/** Documents the schema allows and the check passes, as odd as they come. */
export const anyDocument: Arbitrary<Plan> = fc
  .tuple(
    any(JSON.parse(JSON.stringify(PlanSchema)) as Json),
    fc.array(fc.nat(1e6), { minLength: 40, maxLength: 40 }),
  )
  .map(([raw, numbers]) => {
    let at = 0;
    return whole(raw as Plan, (n) => numbers[at++ % numbers.length]! % n);
  })
  .filter((plan) => checkPlan(plan).length === 0);
