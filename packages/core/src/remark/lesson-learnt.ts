import { chosenTechnique } from '../technique';
import { type Evidence, type Finding, nameOf, type RemarkDefinition } from './evidence';
import type { LessonLearnt } from './lesson-schema';
import { touchingPairs } from './touching';

/** What its artist wanted done otherwise, on a plan with the paint, the pair or the technique it was learnt with. */
export const lessonLearnt: RemarkDefinition = {
  id: 'lesson-learnt',
  see: (evidence) =>
    evidence.lessons.flatMap((lesson): Finding[] => {
      const { heeded } = evidence.plan;
      if (heeded?.includes(lesson.id)) return [];
      const where = metIn(evidence, lesson);
      return where === undefined
        ? []
        : [
            {
              severity: 'note',
              about: where.about,
              message: `After ${lesson.from} you noted: ${lesson.says.replace(/[.\s]*$/, '.')}`,
              advice: `${where.says} Take the note out of that piece once it is no use any more.`,
              numbers: {},
              meant: {
                label: 'Heeded here',
                patch: [
                  heeded
                    ? { op: 'add', path: `/heeded/${heeded.length}`, value: lesson.id }
                    : { op: 'add', path: '/heeded', value: [lesson.id] },
                ],
              },
            },
          ];
    }),
};

/** Where a plan meets what a lesson is about; undefined where it does not. */
function metIn(
  evidence: Evidence,
  { paints = [], technique }: LessonLearnt,
): { readonly about: string; readonly says: string } | undefined {
  const { plan } = evidence;
  const chosen = chosenTechnique(plan);
  if (technique !== undefined && technique !== chosen.id) return undefined;
  const here = { about: '/moves', says: `It was said of ${chosen.name.toLowerCase()}.` };
  if (paints.length === 0)
    return technique === undefined ? { about: '/moves', says: 'It was said of every pour.' } : here;
  const poured = (id: string) =>
    plan.mixes.findIndex(
      (mix) =>
        mix.paints.some(({ paint }) => paint === id) &&
        (plan.budget.shares.some((s) => s.mix === mix.id && s.share > 0) ||
          plan.budget.pots.some((pot) => pot.mix === mix.id)),
    );
  const [first, second] = paints.map(poured);
  if (first === undefined || first < 0) return undefined;
  if (second === undefined)
    return {
      about: `/mixes/${first}`,
      says: `It was said of ${evidence.paintOf(paints[0]!).name}.`,
    };
  if (second < 0) return undefined;
  const holds = (mix: string, paint: string) =>
    plan.mixes.find((m) => m.id === mix)?.paints.some((p) => p.paint === paint) === true;
  const pair = touchingPairs(evidence).find(
    ({ a, b }) =>
      (holds(a, paints[0]!) && holds(b, paints[1]!)) ||
      (holds(b, paints[0]!) && holds(a, paints[1]!)),
  );
  const place = pair?.places[0];
  return place && pair
    ? {
        about: `/cups/${place.cup}/layers/${place.layer}`,
        says: `${nameOf(evidence, pair.a)} and ${nameOf(evidence, pair.b)} lie on each other again.`,
      }
    : undefined;
}
