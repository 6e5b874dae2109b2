import { brief } from '../brief/brief';
import { OAT, plan, QUINCE, SLATE } from '../fixture.test-data';
import { previewOf } from './preview';
import { turnsBefore } from './turns-before';
import { withAdded } from './with-added';

const p = plan([OAT, SLATE, QUINCE], {}, { school: 'lean' });
const preview = previewOf(p, brief(p));
const tilts = p.moves.filter((m) => m.verb === 'tilt').map(({ id }) => id);
const dab = { move: tilts[1]!, mix: 'm-slate', ml: 12, atMm: [480, 20] as const };

test('what went on lies where it was put, after its move and before the next; all else is as it was', () => {
  const { scene, moves } = withAdded(preview, [dab]);
  expect(scene.acts).toHaveLength(preview.scene.acts.length + 1);
  const at = scene.acts.findIndex((act, i) => act.kind === 'stream' && moves[i] === dab.move);
  expect(scene.acts[at]).toMatchObject({
    pathMm: [[480, 20]],
    strata: [{ mix: 'm-slate', ml: 12 }],
  });
  expect(moves[at - 1]).toBe(tilts[1]);
  expect(moves[at + 1]).toBe(tilts[2]);
  expect(scene.acts.filter((_, i) => i !== at)).toEqual(preview.scene.acts);
  expect(scene.turns!.flat().reduce((sum, n) => sum + n, 0)).toBe(scene.acts.length);
});

test('the moves after it find one turn more done', () => {
  const [was, now] = [preview, withAdded(preview, [dab])].map((of) => turnsBefore(of, p.moves));
  for (const { id } of p.moves) {
    const later =
      p.moves.findIndex((m) => m.id === id) > p.moves.findIndex((m) => m.id === dab.move);
    expect(now!.get(id)! - was!.get(id)!).toBe(later ? 1 : 0);
  }
});

test('at a move that does nothing to the film it comes last; nothing added changes nothing', () => {
  const { moves } = withAdded(preview, [{ ...dab, move: 'dry-touch' }]);
  expect(moves.at(-1)).toBe('dry-touch');
  expect(withAdded(preview, [])).toBe(preview);
});
