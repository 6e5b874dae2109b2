import { dullsAll } from '../optics/dulls';
import type { Finding, RemarkDefinition } from './evidence';

/** With fewer colours there is nothing else to begin or end with. */
const FEWEST = 3;

/** A dull dark first and last in a cup: the whole pour is dulled by it, not only its neighbours (handbook 11). */
export const dullEnds: RemarkDefinition = {
  id: 'dull-ends',
  see: ({ plan, mixes }) =>
    plan.cups.flatMap((cup, index): Finding[] => {
      const layers = cup.layers ?? [];
      const ids = [...new Set(layers.map((l) => l.mix))];
      const [first, last] = [layers[0], layers.at(-1)];
      if (!first || !last || layers.length < FEWEST || ids.length < FEWEST) return [];
      const hex = (id: string) => mixes.get(id)?.masstoneHex ?? '#808080';
      const dulls = (id: string) => dullsAll(hex(id), ids.filter((o) => o !== id).map(hex));
      if (!dulls(first.mix) || !dulls(last.mix)) return [];
      const name = (id: string) => plan.mixes.find((m) => m.id === id)?.name ?? id;
      const which =
        first.mix === last.mix ? name(first.mix) : `${name(first.mix)} and ${name(last.mix)}`;
      return [
        {
          severity: 'note',
          about: `/cups/${index}`,
          message: `${which} first and last dulls the whole pour, not only what lies beside it.`,
          advice: 'Begin or end with a lively colour or a pale one, and keep the dark between.',
          numbers: { layers: layers.length },
        },
      ];
    }),
};
