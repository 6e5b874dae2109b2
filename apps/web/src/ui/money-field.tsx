import { trim } from '@potter/core/quantity';
import { TextField } from './text-field';

/** A sum of money, or none: "45", "45.50", or nothing at all. */
export const MoneyField = ({
  label,
  value,
  onChange,
  className,
}: {
  readonly label: string;
  readonly value: number | undefined;
  readonly onChange: (value: number | undefined) => void;
  readonly className?: string;
}) => (
  <TextField
    label={label}
    keys="decimal"
    shown={value === undefined ? '' : trim(value, 2)}
    read={(text) => {
      if (text.trim() === '') return { ok: true, value: undefined };
      const sum = Number(text.replace(',', '.'));
      return Number.isFinite(sum) && sum >= 0 && sum <= 1e6
        ? { ok: true, value: sum }
        : { ok: false, fault: 'A sum such as 45 or 45.50; empty for none.' };
    }}
    onChange={onChange}
    {...(className === undefined ? {} : { className })}
  />
);
