import { fireEvent } from '@testing-library/react-native';
import type { ReactTestInstance } from 'react-test-renderer';

/** Types into a field and leaves it, as a person does. */
export function enter(field: ReactTestInstance, text: string): void {
  fireEvent(field, 'focus');
  fireEvent.changeText(field, text);
  fireEvent(field, 'blur');
}
