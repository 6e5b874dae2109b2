import { TextField } from './text-field';

interface Props {
  readonly label: string;
  readonly value: string | undefined;
  readonly onChange: (value: string | undefined) => void;
  readonly className?: string;
  /** Only the day counts. */
  readonly day?: boolean;
}

const PATTERN = /^(\d{4})-(\d{1,2})-(\d{1,2})(?:[T ](\d{1,2}):(\d{2}))?$/;

/** Reads "2026-11-28", "28.11.2026" or either with a time; the day must be one of the calendar. */
export function readDate(
  text: string,
):
  | { readonly ok: true; readonly value: string | undefined }
  | { readonly ok: false; readonly fault: string } {
  const plain = text.trim().replace(/^(\d{1,2})\.(\d{1,2})\.(\d{4})/, '$3-$2-$1');
  if (plain === '') return { ok: true, value: undefined };
  const match = PATTERN.exec(plain);
  if (!match) return { ok: false, fault: 'Write 2026-11-28, or with a time 2026-11-28 10:00.' };
  const [, year, month, day, hour, minute] = match;
  const two = (n: string | undefined) => String(n).padStart(2, '0');
  const date = `${year}-${two(month)}-${two(day)}`;
  const real = new Date(`${date}T00:00Z`);
  if (Number.isNaN(real.getTime()) || real.toISOString().slice(0, 10) !== date)
    return { ok: false, fault: 'There is no such day.' };
  if (hour === undefined) return { ok: true, value: date };
  if (Number(hour) > 23 || Number(minute) > 59)
    return { ok: false, fault: 'There is no such time.' };
  return { ok: true, value: `${date}T${two(hour)}:${minute}` };
}

/** A day, with a time where one is wanted; empty for none. */
export function DateField({ value, day = false, ...rest }: Props) {
  return (
    <TextField
      {...rest}
      shown={(value ?? '').replace('T', ' ')}
      read={readDate}
      hint={day ? '2026-11-28' : '2026-11-28 10:00'}
    />
  );
}
