import type { Fault } from '../../schema/fault';
import { MATERIALS } from '../../material/catalogue';
import { openBook } from '../../material/book';
import { depthOf, loopOf, MOST_NESTED } from '../../mix/medium';
import { shapeOf } from '../../surface/measure';
import { faultsIn } from '../../field/kind';
import { sequenceFaults, setFaults } from '../../technique/sequence';
import { referencesOf, verbOf } from '../../verb';
import type { Plan } from './schema';

/** Pots of these are one mix; the others are a little of every colour. */
const NEEDS_MIX: ReadonlySet<string> = new Set(['base', 'activator', 'edge', 'dots']);

/**
 * Faults a schema cannot see: references to nothing, ids twice, mediums that hold themselves, layers with two
 * amounts. An empty list means that `brief` can be computed.
 */
export function checkPlan(plan: Plan): Fault[] {
  const faults: Fault[] = [];
  const fault = (path: string, message: string) => void faults.push({ path, message });
  const refer = (path: string, kind: string, id: string, ids: readonly string[]) => {
    if (!ids.includes(id))
      fault(path, `no ${kind} "${id}"; there are ${ids.map((i) => `"${i}"`).join(', ') || 'none'}`);
  };
  const once = (path: string, items: readonly { readonly id: string }[]) =>
    items.forEach((item, i) => {
      const first = items.findIndex((other) => other.id === item.id);
      if (first < i) fault(`${path}/${i}/id`, `"${item.id}" is taken by ${path}/${first}`);
    });

  const materials = plan.materials ?? [];
  const mediums = plan.mediums ?? [];
  const book = openBook(materials, mediums);
  const paintIds = plan.paints.map((p) => p.id);
  const mixIds = plan.mixes.map((m) => m.id);
  const cupIds = plan.cups.map((c) => c.id);

  once('/paints', plan.paints);
  once('/materials', materials);
  once('/mediums', mediums);
  once('/mixes', plan.mixes);
  once('/cups', plan.cups);
  once('/moves', plan.moves);
  const wrong = shapeOf(plan.surface.shape).fault?.(plan.surface.shape);
  if (wrong !== undefined) fault('/surface/shape', wrong);
  plan.paints.forEach((paint, i) => {
    if (MATERIALS.some((m) => m.id === paint.id) || materials.some((m) => m.id === paint.id)) {
      fault(`/paints/${i}/id`, `"${paint.id}" is the id of a material; give the paint another`);
    }
  });

  const mediumOf = (id: string) => mediums.find((m) => m.id === id);
  mediums.forEach((medium, i) => {
    const deep = depthOf(medium.id, mediumOf);
    if (deep > MOST_NESTED && Number.isFinite(deep))
      fault(
        `/mediums/${i}/of`,
        `medium "${medium.id}" has mediums ${deep} deep in it; ${MOST_NESTED} is the most`,
      );
    medium.of.forEach((item, j) => {
      const at = `/mediums/${i}/of/${j}`;
      if ('medium' in item) {
        refer(`${at}/medium`, 'medium', item.medium, book.mediumIds);
        const loop = loopOf(medium.id, mediumOf);
        if (loop && loop[1] === item.medium)
          fault(
            `${at}/medium`,
            `medium "${medium.id}" would hold itself: ${loop.join(' → ')}; leave it out of one of them`,
          );
      } else refer(`${at}/material`, 'material', item.material, book.materialIds);
    });
  });
  plan.mixes.forEach((mix, i) => {
    mix.paints.forEach((p, j) =>
      refer(`/mixes/${i}/paints/${j}/paint`, 'paint', p.paint, paintIds),
    );
    if (mix.medium) refer(`/mixes/${i}/medium/id`, 'medium', mix.medium.id, book.mediumIds);
    mix.additives?.forEach((a, j) =>
      refer(`/mixes/${i}/additives/${j}/material`, 'material', a.material, book.materialIds),
    );
  });

  plan.made?.forEach((made, i) => refer(`/made/${i}/mix`, 'mix', made.mix, mixIds));
  plan.readings?.forEach((read, i) => refer(`/readings/${i}/mix`, 'mix', read.mix, mixIds));
  plan.pictures?.forEach((p, i) => refer(`/pictures/${i}/mix`, 'mix', p.mix, mixIds));

  plan.budget.shares.forEach((share, i) => {
    refer(`/budget/shares/${i}/mix`, 'mix', share.mix, mixIds);
    if (plan.budget.shares.findIndex((s) => s.mix === share.mix) < i)
      fault(`/budget/shares/${i}/mix`, `"${share.mix}" has a share already`);
  });
  plan.budget.pots.forEach((pot, i) => {
    const at = `/budget/pots/${i}`;
    if (pot.mix !== undefined) refer(`${at}/mix`, 'mix', pot.mix, mixIds);
    else if (NEEDS_MIX.has(pot.use)) fault(at, `a pot for ${pot.use} needs its mix`);
    const amounts = [pot.filmMm, pot.ml, pot.g, pot.share].filter((a) => a !== undefined).length;
    if (amounts !== 1)
      fault(at, `give one amount, of filmMm, ml, g or share; there are ${amounts}`);
  });

  const { order } = plan;
  for (const key of ['first', 'last', 'separator'] as const)
    if (order?.[key] !== undefined) refer(`/order/${key}`, 'mix', order[key], mixIds);
  order?.apart?.forEach((pair, i) => {
    refer(`/order/apart/${i}/a`, 'mix', pair.a, mixIds);
    refer(`/order/apart/${i}/b`, 'mix', pair.b, mixIds);
    if (pair.a === pair.b)
      fault(`/order/apart/${i}`, 'a colour is never laid on itself; name two different ones');
  });

  plan.cups.forEach((cup, i) => {
    const at = `/cups/${i}`;
    if (cup.reverseOf !== undefined) {
      refer(`${at}/reverseOf`, 'cup', cup.reverseOf, cupIds);
      if (cup.layers)
        fault(
          `${at}/layers`,
          `cup "${cup.id}" takes its layers from "${cup.reverseOf}"; leave one of the two out`,
        );
      if (cup.reverseOf === cup.id)
        fault(`${at}/reverseOf`, `cup "${cup.id}" cannot reverse itself`);
      else if (plan.cups.find((c) => c.id === cup.reverseOf)?.reverseOf !== undefined)
        fault(`${at}/reverseOf`, `"${cup.reverseOf}" reverses another cup itself; name that one`);
    } else if (!cup.layers) fault(at, 'a cup needs layers, or reverseOf');
    cup.layers?.forEach((layer, j) => {
      refer(`${at}/layers/${j}/mix`, 'mix', layer.mix, mixIds);
      if ((layer.parts === undefined) === (layer.ml === undefined))
        fault(`${at}/layers/${j}`, 'give a layer parts or ml, one of the two');
    });
  });

  if (plan.sequence)
    for (const { path, message } of [
      ...sequenceFaults(plan.sequence),
      ...setFaults(plan.sequence, plan.sequence.set),
    ])
      fault(`/sequence${path}`, message);
  plan.moves.forEach((move, i) => {
    const known = { mix: mixIds, cup: cupIds };
    for (const { to, id, at } of referencesOf(move)) refer(`/moves/${i}${at}`, to, id, known[to]);
    for (const { at, message } of faultsIn(verbOf(move).fields, move))
      fault(`/moves/${i}${at}`, message);
    if (move.with !== undefined)
      refer(
        `/moves/${i}/with`,
        'earlier move',
        move.with,
        plan.moves.slice(0, i).map((m) => m.id),
      );
    if (move.piece !== undefined && move.piece > plan.surface.pieces)
      fault(`/moves/${i}/piece`, `there are ${plan.surface.pieces} pieces`);
  });
  return faults;
}
