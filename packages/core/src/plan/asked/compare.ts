import { runOffWords } from '../../budget/budget';
import { SCHOOLS } from '../../budget/school';
import { trim } from '../../quantity/show';
import { sizeWords } from '../../surface/size-words';
import { chosenTechnique } from '../../technique';
import { type Brief, brief } from '../brief/brief';
import { openPlan } from '../document/open';
import type { Plan } from '../document/schema';
import type { Studio } from '../document/studio';

/** One line of a comparison: what, and how it stands in either plan; absent where a plan has none of it. */
export interface CompareRow {
  readonly group: 'plan' | 'amounts' | 'colours' | 'cups' | 'moves' | 'remarks';
  readonly what: string;
  readonly a?: string;
  readonly b?: string;
  readonly differs: boolean;
}

type Facts = ReadonlyMap<string, { readonly group: CompareRow['group']; readonly says: string }>;

/** Two plans side by side, line by line, in the order one reads a plan. */
export function comparePlans(a: Plan, b: Plan, studio: Studio = {}): CompareRow[] {
  const [left, right] = [factsOf(a, brief(a, studio)), factsOf(b, brief(b, studio))];
  return [...new Set([...left.keys(), ...right.keys()])].map((what) => {
    const [x, y] = [left.get(what), right.get(what)];
    return {
      group: (x ?? y)?.group ?? 'plan',
      what,
      ...(x ? { a: x.says } : {}),
      ...(y ? { b: y.says } : {}),
      differs: x?.says !== y?.says,
    };
  });
}

function factsOf(plan: Plan, { budget, mixes, cups, run, remarks, surface }: Brief): Facts {
  const facts = new Map<string, { group: CompareRow['group']; says: string }>();
  const say = (group: CompareRow['group'], what: string, says: string) =>
    void facts.set(what, { group, says });
  const { mixName: nameOf } = openPlan(plan);

  say('plan', 'Size', sizeWords(plan.surface.shape, 'cm'));
  say('plan', 'Pieces', String(surface.pieces));
  say('plan', 'Technique', chosenTechnique(plan).name);
  say('plan', 'School', SCHOOLS[plan.budget.school].name);
  say('amounts', 'Everything', `${trim(budget.totalG, 1)} g`);
  say('amounts', 'Colour laid', `${trim(budget.laidMm, 1)} mm`);
  say('amounts', 'Stays', `${trim(budget.onFaceMm, 1)} mm`);
  say('amounts', 'Run-off', runOffWords(budget));
  for (const mix of mixes) {
    const doc = openPlan(plan).mix(mix.id);
    const ratio = doc.medium ? `1 : ${trim(doc.medium.parts, 2)}` : 'as it comes';
    say(
      'colours',
      nameOf(mix.id),
      `${trim(mix.g, 1)} g, ${ratio}, ${mix.consistency}, ${mix.opacity.film.class}`,
    );
  }
  cups.forEach((cup, i) =>
    say(
      'cups',
      `Cup ${i + 1}`,
      `${trim(cup.filledMl, 0)} mL: ${cup.layers.map((l) => nameOf(l.mix)).join(', ')}`,
    ),
  );
  say('moves', 'Moves', String(run.length));
  say('moves', 'Takes', `${trim((run.at(-1)?.endS ?? 0) / 60, 0)} min`);
  const count = (severity: string) => remarks.filter((r) => r.severity === severity).length;
  say('remarks', 'Will spoil it', String(count('spoils')));
  say('remarks', 'May spoil it', String(count('may')));
  say('remarks', 'Notes', String(count('note')));
  return facts;
}
