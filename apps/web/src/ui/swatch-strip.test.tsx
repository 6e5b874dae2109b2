import { fireEvent, screen } from '@testing-library/react-native';
import { renderInStudio as render } from '../../test/in-studio';
import { type NamedSwatch, SwatchStrip } from './swatch-strip';

const swatch = (name: string, hex: string, reserve: number): NamedSwatch => ({
  id: name.toLowerCase(),
  name,
  hex,
  overWhite: hex,
  overBlack: hex,
  reserve,
  opacity: reserve > 1 ? 'opaque' : 'semi-opaque',
  densityGPerMl: 1.1,
});
const RED = swatch('Red', '#b02020', 0.2);
const WHITE = swatch('White', '#f4f4f0', 2);
const GREEN = swatch('Green', '#0b5d4e', 0.5);
const names = () => {
  const strip = screen.getByLabelText('Swatches');
  return screen
    .getAllByRole('button')
    .filter((b) => strip.findAll((n) => n === b).length > 0)
    .map((b) => String(b.props['aria-label'] ?? b.props.accessibilityLabel));
};

test('a chosen swatch says how it gets on with both neighbours', () => {
  render(<SwatchStrip swatches={[RED, WHITE, GREEN]} />);
  fireEvent.press(screen.getByLabelText('White'));
  expect(screen.getByText('Beside Red')).toBeTruthy();
  expect(screen.getByText('stay clean, make pink')).toBeTruthy();
  expect(screen.getByText('Beside Green')).toBeTruthy();
});

test('any order: by what covers, then moved by hand from there', () => {
  render(<SwatchStrip swatches={[RED, WHITE, GREEN]} />);
  fireEvent.press(screen.getByLabelText('What covers first'));
  expect(names()).toEqual(['White', 'Green', 'Red']);
  fireEvent.press(screen.getByLabelText('Red'));
  fireEvent.press(screen.getByLabelText('Red further left'));
  expect(names()).toEqual(['White', 'Red', 'Green']);
  expect(screen.getByLabelText('My own')).toBeChecked();
});

test('an order that is kept elsewhere is moved there', () => {
  const onMove = jest.fn();
  render(<SwatchStrip swatches={[RED, WHITE]} onMove={onMove} />);
  fireEvent.press(screen.getByLabelText('White'));
  fireEvent.press(screen.getByLabelText('White further left'));
  expect(onMove).toHaveBeenCalledWith(1, 0);
  expect(names()).toEqual(['Red', 'White']);
});
