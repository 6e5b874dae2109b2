import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { brief } from '../plan/brief/brief';
import { previewOf } from '../plan/preview/preview';
import { openPour } from './pour-file';
import { type Upgrade, upgraded } from './upgrade';

const folder = join(__dirname, 'kept');
/** Files written by programs of before, each with what its brief said then: total g, g of each cup, moves. */
const THEN: Record<string, { totalG: number; cupsG: number[]; moves: number }> = {
  'version-1-canvas.pour.json': { totalG: 930, cupsG: [310, 310, 310], moves: 24 },
  'version-1-tiles.pour.json': { totalG: 298, cupsG: [50], moves: 22 },
  'version-1-letters.pour.json': { totalG: 167, cupsG: [18, 21, 46, 40, 24, 18], moves: 28 },
};

test.each(readdirSync(folder))(
  'a file kept from before opens, and says what it said: %s',
  (file) => {
    // Shapes are judged by the contract's own validator, in its tests.
    const opened = openPour(readFileSync(join(folder, file), 'utf8'), () => []);
    if (!opened.ok) throw new Error(JSON.stringify(opened.faults));
    const computed = brief(opened.plan);
    expect({
      totalG: computed.budget.totalG,
      cupsG: computed.cups.map((c) => Math.round(c.layers.reduce((sum, l) => sum + l.g, 0))),
      moves: computed.run.length,
    }).toEqual(THEN[file]);
    expect(previewOf(opened.plan, computed).scene.acts.length).toBeGreaterThan(5);
  },
);

const STEPS: readonly Upgrade[] = [
  { from: 1, step: ({ note, ...rest }) => ({ ...rest, notes: note === undefined ? [] : [note] }) },
  { from: 2, step: (doc) => ({ ...doc, room: doc['room'] ?? { tempC: 20, rh: 50 } }) },
];

test('a document is taken through every step from its own version on, and only those', () => {
  expect(upgraded({ version: 1, note: 'a' }, STEPS, 3)).toEqual({
    version: 3,
    notes: ['a'],
    room: { tempC: 20, rh: 50 },
  });
  expect(upgraded({ version: 2, notes: [] }, STEPS, 3)).toMatchObject({ version: 3, notes: [] });
  const newest = { version: 3 };
  expect(upgraded(newest, STEPS, 3)).toBe(newest);
});

test('a version nobody knows is left to be refused; a missing step is said', () => {
  for (const version of [undefined, '1', 1.5, 0, 9])
    expect(upgraded({ version }, STEPS, 3)).toEqual({ version });
  expect(() => upgraded({ version: 1 }, STEPS.slice(1), 3)).toThrow('from version 1');
});
