import { brief } from '../brief/brief';
import { OAT, plan, QUINCE, SLATE } from '../fixture.test-data';
import { previewOf } from './preview';
import { turnsBefore } from './turns-before';

const before = (p: ReturnType<typeof plan>) => turnsBefore(previewOf(p, brief(p)), p.moves);
const p = plan([OAT, SLATE, QUINCE], {}, { school: 'lean' });

test('a move finds the film as the moves before it left it', () => {
  const of = before(p);
  const { moves, scene } = previewOf(p, brief(p));
  // No two of these go on at once, so each act is a turn.
  expect(scene.turns).toBeUndefined();
  for (const { id } of p.moves) {
    const at = p.moves.findIndex((m) => m.id === id);
    const done = moves.filter((m) => p.moves.findIndex(({ id: of }) => of === m) < at).length;
    expect(of.get(id)).toBe(done);
  }
  expect(of.get('dry-touch')).toBe(moves.length);
});

test('moves that go on at once find it alike; what follows them finds both done', () => {
  const [first, second, third] = p.moves.filter((m) => m.verb === 'tilt');
  const together = {
    ...p,
    moves: p.moves.map((m) => (m.id === second!.id ? { ...m, with: first!.id } : m)),
  };
  const of = before(together);
  expect(of.get(second!.id)).toBe(of.get(first!.id));
  expect(of.get(third!.id)).toBe(of.get(first!.id)! + 1);
});
