import { checkTechniqueShape } from '@potter/contract/check-technique';
import { sequenceOf } from '../plan/edit/sequence';
import { plan } from '../plan/fixture.test-data';
import { openTechnique, techniqueFileName, writeTechnique } from './technique-file';

const own = { began: 'flip-cup', sequence: sequenceOf(plan(), 'Étude in slate') } as const;
const open = (text: string) => openTechnique(text, checkTechniqueShape);

test('a technique written and opened again is the same', () => {
  expect(open(writeTechnique(own))).toEqual({ ok: true, technique: own });
  expect(techniqueFileName(own.sequence.name)).toBe('etude-in-slate.technique.json');
});

test.each([
  ['not JSON', '{', ''],
  ['a plan', JSON.stringify(plan()), '/format'],
  ['a later version', writeTechnique(own).replace('"version": 1', '"version": 9'), '/version'],
  ['a list', '[]', ''],
  ['a verb there is not', writeTechnique(own).replace('"flip"', '"flop"'), '/sequence/moves'],
  ['a cup by no place', writeTechnique(own).replace('"cup-1"', '"c1"'), '/sequence/moves'],
])('%s is refused with the place it stands at', (_, text, path) => {
  const opened = open(text);
  expect(opened.ok).toBe(false);
  if (!opened.ok) expect(opened.faults[0]!.path.startsWith(path)).toBe(true);
});
