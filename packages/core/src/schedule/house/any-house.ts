import type { House } from './schema';

/** A house that has said nothing: every day, morning to evening, as much room as there is. */
export const ANY_HOUSE: House = {
  workDays: [0, 1, 2, 3, 4, 5, 6],
  from: '09:00',
  to: '20:00',
  perDay: 2,
  orderDays: 5,
};
