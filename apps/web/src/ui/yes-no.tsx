import { Choice } from './choice';

/** A question with two answers. */
export const YesNo = ({
  label,
  value,
  onChange,
  yes = 'Yes',
}: {
  readonly label: string;
  readonly value: boolean;
  readonly onChange: (value: boolean) => void;
  /** Said instead of "Yes" where that says more. */
  readonly yes?: string;
}) => (
  <Choice
    label={label}
    value={value ? 'yes' : 'no'}
    options={[
      { value: 'yes', label: yes },
      { value: 'no', label: 'No' },
    ]}
    onChange={(answer) => onChange(answer === 'yes')}
  />
);
