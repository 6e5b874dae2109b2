import { TextField } from '@/ui/text-field';

/** Maker, line and grade: the artist's own words, nothing is made of them. */
export const MakerField = ({
  value,
  onChange,
}: {
  readonly value: string;
  readonly onChange: (maker: string) => void;
}) => (
  <TextField
    live
    label="Maker, line and grade, in your own words"
    shown={value}
    read={(text) => ({ ok: true, value: text.slice(0, 80) })}
    onChange={onChange}
  />
);
