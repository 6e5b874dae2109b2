import { has, idsOf, registry } from './index';

interface Fruit {
  readonly id: string;
  readonly seeds: number;
}
const quince = { id: 'quince', seeds: 10 } as const;
const damson = { id: 'damson', seeds: 1 } as const;

test('keeps definitions under their ids, in the order they were entered', () => {
  const fruit = registry<Fruit>()('fruit', [quince, damson]);
  expect(idsOf(fruit)).toEqual(['quince', 'damson']);
  expect(fruit.damson.seeds).toBe(1);
});

test('refuses two of one id, an id no address could hold, and what its family calls unsound', () => {
  expect(() => registry<Fruit>()('fruit', [quince, quince])).toThrow('two of the fruit "quince"');
  expect(() => registry<Fruit>()('fruit', [{ id: 'Two words', seeds: 0 }])).toThrow(
    'plain letters',
  );
  expect(() =>
    registry<Fruit>()('fruit', [damson], ({ seeds }) => (seeds < 2 ? 'has too few' : undefined)),
  ).toThrow('the fruit "damson" has too few');
});

test('knows its own ids only, not what every object answers to', () => {
  const fruit = registry<Fruit>()('fruit', [quince]);
  expect(has(fruit, 'quince')).toBe(true);
  expect(has(fruit, 'constructor')).toBe(false);
});
