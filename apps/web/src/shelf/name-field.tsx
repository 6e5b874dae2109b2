import { TextField } from '@/ui/text-field';

/** A name nothing on the shelf goes without. */
export function NameField({
  value,
  onChange,
}: {
  readonly value: string;
  readonly onChange: (name: string) => void;
}) {
  return (
    <TextField
      live
      label="Name"
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
