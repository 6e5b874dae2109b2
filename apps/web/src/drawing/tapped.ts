import type { MouseEvent } from 'react';

/** Where on a picture a tap went down, as shares of its sides, to a thousandth. */
export function tapped(event: MouseEvent<HTMLElement>): [number, number] {
  const box = event.currentTarget.getBoundingClientRect();
  return [
    round((event.clientX - box.left) / box.width),
    round((event.clientY - box.top) / box.height),
  ];
}

/** To a thousandth of a side. */
const round = (share: number): number => Math.round(1000 * Math.min(1, Math.max(0, share))) / 1000;
