import { TextField } from './text-field';

/** A name nothing goes without. */
export function NameField({
  label = 'Name',
  value,
  onChange,
}: {
  readonly label?: string;
  readonly value: string;
  readonly onChange: (name: string) => void;
}) {
  return (
    <TextField
      live
      label={label}
      shown={value}
      read={(text) =>
        text.trim() === ''
          ? { ok: false, fault: 'It needs a name.' }
          : { ok: true, value: text.slice(0, 80) }
      }
      onChange={onChange}
    />
  );
}
