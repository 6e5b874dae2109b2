import type { Paint } from '@potter/core/paint';
import { fireEvent, screen } from '@testing-library/react-native';
import { enter } from '../../test/enter';
import { renderInStudio as render } from '../../test/in-studio';
import { MeasuredOpacity } from './measured-opacity';

const PAINT: Paint = {
  id: 'quince',
  name: 'Quince yellow',
  hex: '#d8a526',
  opacity: { contrastRatio: 0.8, wetMicrons: 150 },
  body: 'soft',
  finish: 'satin',
};

test('a reading is taken as it was typed, with its film', () => {
  const onChange = jest.fn();
  render(<MeasuredOpacity paint={PAINT} act="Keep" onChange={onChange} />);
  enter(screen.getByLabelText('Contrast ratio'), '91.5');
  fireEvent.press(screen.getByLabelText('Keep'));
  expect(onChange).toHaveBeenCalledWith({ contrastRatio: 0.915, wetMicrons: 150 });
});

test('two colours of a picture give their ratio of luminance', () => {
  const onChange = jest.fn();
  render(<MeasuredOpacity paint={PAINT} act="Keep" onChange={onChange} />);
  enter(screen.getByLabelText('Paint beside the bar'), '#ffffff');
  // sRGB 188 is half the light of white.
  enter(screen.getByLabelText('Paint over the bar'), '#bcbcbc');
  fireEvent.press(screen.getByLabelText('Take 50.3 % from the picture'));
  fireEvent.press(screen.getByLabelText('Keep'));
  expect(onChange.mock.calls[0][0].contrastRatio).toBeCloseTo(0.503, 3);
});

test('a ratio over all is not taken, and the one before stands', () => {
  const onChange = jest.fn();
  render(<MeasuredOpacity paint={PAINT} act="Keep" onChange={onChange} />);
  enter(screen.getByLabelText('Contrast ratio'), '120');
  expect(screen.getByText('Not above 100 %.')).toBeTruthy();
  fireEvent.press(screen.getByLabelText('Keep'));
  expect(onChange).toHaveBeenCalledWith({ contrastRatio: 0.8, wetMicrons: 150 });
});
