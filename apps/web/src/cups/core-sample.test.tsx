import { fireEvent, screen } from '@testing-library/react-native';
import { renderInStudio as render } from '../../test/in-studio';
import { CoreSample } from './core-sample';

const layer = (mix: string, fromMm: number, toMm: number) => ({
  mix,
  ml: 30,
  g: 33.2,
  fromMm,
  toMm,
  placement: 'wall' as const,
  sinks: 0,
  pinned: false,
});
const chip = { masstone: '#d8a526', overWhite: '#e0b030', overBlack: '#806010' };

test('layers are listed last in first, as in the cup, each with its grams and fill line', () => {
  const onSelect = jest.fn();
  render(
    <CoreSample
      layers={[layer('oat', 0, 12), layer('slate', 12, 20)]}
      selected={1}
      onSelect={onSelect}
      onMove={() => undefined}
      nameOf={(id) => id}
      chipOf={() => chip}
      placementOf={() => 'wall'}
    />,
  );
  const rows = screen
    .getAllByRole('button')
    .map((row) => row.props.accessibilityLabel ?? row.props['aria-label']);
  expect(rows).toEqual(['slate, wall, 33 g, up to 20 mm', 'oat, wall, 33 g, up to 12 mm']);
  fireEvent.press(screen.getByRole('button', { name: /^oat/ }));
  expect(onSelect).toHaveBeenCalledWith(0);
});

test('an empty cup says so', () => {
  render(
    <CoreSample
      layers={[]}
      selected={undefined}
      onSelect={() => undefined}
      onMove={() => undefined}
      nameOf={String}
      chipOf={() => chip}
      placementOf={() => ''}
    />,
  );
  expect(screen.getByText('This cup is empty. Add a layer.')).toBeTruthy();
});
