import { figure, trim } from '@potter/core/quantity';
import { useSettings } from '@/data/settings';
import { Figure, Small } from './type';

/** Amounts in the units the studio likes. Films and fill lines are always in mm: that is what a ruler by a cup reads. */
export function useUnits() {
  const { mass, volume, length, temperature } = useSettings();
  return { mass, volume, length, temperature };
}

/** A mass, its figure large. `fine` shows tenths of a gram, for a scale that reads them. */
export function Mass({
  g,
  fine = false,
  ...rest
}: {
  readonly g: number;
  readonly fine?: boolean;
  readonly className?: string;
  readonly size?: string;
}) {
  const { mass } = useUnits();
  const shown = mass === 'g' && fine ? { figure: trim(g, 1), unit: 'g' } : figure(g, mass);
  return <Figure {...rest} figure={shown.figure} unit={shown.unit} />;
}

/** A volume, small, beside its mass. */
export function Volume({
  ml,
  className = '',
}: {
  readonly ml: number;
  readonly className?: string;
}) {
  const { volume } = useUnits();
  const shown = figure(ml, volume);
  return (
    <Small className={className}>
      {shown.figure} {shown.unit}
    </Small>
  );
}

export const toF = (c: number): number => (c * 9) / 5 + 32;
export const toC = (f: number): number => Number((((f - 32) * 5) / 9).toFixed(2));
