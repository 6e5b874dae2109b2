import { Checkable } from './checkable';
import { Strong } from './type';

/** One of several things each of which may be so or not. */
export const Ticked = ({
  label,
  on,
  onPress,
}: {
  readonly label: string;
  readonly on: boolean;
  readonly onPress: () => void;
}) => (
  <Checkable
    role="checkbox"
    checked={on}
    label={label}
    onPress={onPress}
    className={`min-h-[44px] justify-center border px-3 py-2 ${on ? 'border-ink bg-pressed' : 'border-outline'}`}
  >
    <Strong>{label}</Strong>
  </Checkable>
);
