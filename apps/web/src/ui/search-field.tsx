import { TextField } from './text-field';

/** What a list is searched by. */
export const SearchField = ({
  shown,
  onChange,
}: {
  readonly shown: string;
  readonly onChange: (search: string) => void;
}) => (
  <TextField
    live
    label="Search"
    shown={shown}
    read={(text) => ({ ok: true, value: text })}
    onChange={onChange}
    className="mb-3 wide:max-w-[470px]"
  />
);
