import fc from 'fast-check';
import type { DryingAct } from '../journal/rack';
import { minutesOf, ANY_HOUSE, type House } from '../schedule/house';
import type { Piece } from './piece';

export const NOW = minutesOf('2026-11-28T12:00');

const H = 60;

/** A way from wet to cured: touch, perhaps stages with their own touch, cured; each span after the one before. */
const acts: fc.Arbitrary<readonly DryingAct[]> = fc
  .array(
    fc.record({ gap: fc.integer({ min: 2, max: 400 }), slack: fc.integer({ min: 0, max: 200 }) }),
    {
      minLength: 2,
      maxLength: 6,
    },
  )
  .map((spans) => {
    let [from, to, stage] = [0, 0, 0];
    return spans.map(({ gap, slack }, i): DryingAct => {
      from += gap * H;
      to = Math.max(to + gap * H, from + slack * H);
      const last = i === spans.length - 1;
      const act = last ? 'cured' : i % 2 === 0 ? 'touch' : 'stage';
      if (act === 'stage') stage++;
      return { act, stage, why: '', fromMin: from, toMin: to };
    });
  });

export const anyPiece = (dated = true): fc.Arbitrary<Piece> =>
  fc
    .record({
      acts,
      runMin: fc.integer({ min: 5, max: 240 }),
      widthMm: fc.integer({ min: 80, max: 900 }),
      heightMm: fc.integer({ min: 80, max: 900 }),
      pieces: fc.integer({ min: 1, max: 6 }),
      pourDay: fc.integer({ min: 0, max: 40 }),
      dueDay: fc.option(fc.integer({ min: 10, max: 300 }), { nil: undefined }),
      id: fc.uuid(),
    })
    .map(({ pourDay, dueDay, id, ...rest }) => ({
      ...rest,
      id,
      plan: id,
      title: id,
      poured: false,
      ...(dated ? { pour: NOW + pourDay * 1440 } : {}),
      ...(dueDay === undefined ? {} : { due: NOW + dueDay * 1440 }),
    }));

export const anyHouse: fc.Arbitrary<House> = fc.record({
  boards: fc.option(
    fc.record({
      count: fc.integer({ min: 1, max: 6 }),
      widthMm: fc.integer({ min: 600, max: 2000 }),
      depthMm: fc.integer({ min: 400, max: 1000 }),
    }),
    { nil: undefined },
  ),
  workDays: fc.uniqueArray(fc.integer({ min: 0, max: 6 }), { minLength: 1, maxLength: 7 }),
  from: fc.constantFrom('00:00', '08:30', '09:00', '17:00'),
  to: fc.constantFrom('12:00', '18:00', '23:59', '07:00'),
  perDay: fc.integer({ min: 1, max: 3 }),
  orderDays: fc.constant(5),
}) as fc.Arbitrary<House>;

export const EVERY_DAY = ANY_HOUSE;
