import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import Ajv from 'ajv';

const root = join(__dirname, '../../..');
const read = (...path: string[]): unknown => JSON.parse(readFileSync(join(root, ...path), 'utf8'));

// The schema is written with the contract; a validator that knows nothing of the contract must read it.
const published = new Ajv({ discriminator: true, strict: false }).compile(
  read('docs/format/pour.schema.json') as object,
);

test.each(readdirSync(join(root, 'demo/orchard-ledger/plans')))(
  'the published schema accepts %s, and not what is wrong with it',
  (file) => {
    const plan = read('demo/orchard-ledger/plans', file) as Record<string, unknown>;
    expect(published(plan)).toBe(true);
    expect(published({ ...plan, version: 2 })).toBe(false);
    expect(published({ ...plan, technique: { id: 'no-such', settings: {} } })).toBe(false);
    const { moves: _, ...without } = plan;
    expect(published(without)).toBe(false);
  },
);
