import type { Clash, House, Order } from '@potter/core/rack';
import { dayAt, timeAt } from './when';

/** What a clash says, what would mend it, and what the act is called. */
export interface ClashWords {
  readonly message: string;
  readonly advice: string;
}

/** @param pour when it could be poured instead */
export function clashWords(clash: Clash, house: House, pour: number | undefined): ClashWords {
  const { piece } = clash;
  const { title } = piece;
  const instead = pour === undefined ? '' : `Poured on ${timeAt(pour)} it would do.`;
  const none = 'No other day is free for it.';
  switch (clash.kind) {
    case 'late':
      return {
        message: isHopeless(clash)
          ? `${title} will not be cured by ${dayAt(piece.due!)}: ${dayAt(clash.soonest!)} at the soonest.`
          : `${title} may not be cured by ${dayAt(piece.due!)}: it is between ${dayAt(clash.soonest!)} and ${dayAt(clash.readyAt!)}.`,
        advice: [
          piece.poured
            ? 'It is poured already: look at it early, or promise it for later.'
            : instead,
          clash.quick ? 'Coated after a day it is in time.' : '',
          !piece.poured && pour === undefined && !clash.quick
            ? 'No day is early enough to be sure: promise it for later.'
            : '',
        ]
          .filter((say) => say !== '')
          .join(' '),
      };
    case 'day-off':
      return {
        message: `${title} is to be poured on ${dayAt(piece.pour!)}, when nobody works.`,
        advice: instead || none,
      };
    case 'table':
      return {
        message: `${title} begins before ${clash.with!.title} is off the table.`,
        advice: instead || none,
      };
    case 'room':
      return {
        message: `There is no room for ${title}: ${clash.boards} boards would be taken, and there are ${house.boards!.count}.`,
        advice: piece.poured
          ? 'Stand what is dry upright, or clear another board.'
          : instead || none,
      };
    case 'too-large':
      return {
        message: `${title} is larger than a board.`,
        advice: 'Keep another place level and free of dust for it.',
      };
  }
}

/** Not even at the earliest is it in time. */
export const isHopeless = ({ piece, soonest = 0 }: Clash): boolean =>
  piece.due !== undefined && soonest > piece.due;

export const orderWords = ({ product, ml, by, piece, wanted }: Order, now: number): ClashWords => ({
  message:
    by < now
      ? `${Math.ceil(ml)} mL of ${product} are missing, and an order would come too late for ${piece.title}.`
      : `Order ${Math.ceil(ml)} mL of ${product} by ${dayAt(by)}.`,
  advice: `${piece.title} wants it on ${dayAt(wanted)}.`,
});
