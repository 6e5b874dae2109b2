import type { Thinned } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { LineFigure } from '@/ui/line-figure';

/** Where each class begins, in steps of a class. */
const BEGINS: Readonly<Record<string, string>> = {
  '0': 'transparent',
  '1': 'semi-transp.',
  '2': 'semi-opaque',
  '3': 'opaque',
};

/** How the class falls as medium goes in; each line across is where a class begins. */
export function ClassChart({ thinned }: { readonly thinned: readonly Thinned[] }) {
  const says = thinned
    .map(
      ({ parts, opacity }) =>
        `${parts === 0 ? 'no medium' : `1 : ${trim(parts, 1)}`} ${opacity.class}`,
    )
    .join(', ');
  return (
    <LineFigure
      says={`Class with parts of medium: ${says}`}
      height={220}
      labels={thinned.map((t) => trim(t.parts, 1))}
      data={thinned.map((t) => t.classes)}
      scale={[0, 4]}
      segments={4}
      room={84}
      at={(value) => BEGINS[String(Math.round(Number(value)))] ?? ''}
    />
  );
}
