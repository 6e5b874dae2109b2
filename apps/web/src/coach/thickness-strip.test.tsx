import { fireEvent, screen } from '@testing-library/react-native';
import { View } from 'react-native';
import { renderInStudio as render } from '../../test/in-studio';
import { ThicknessStrip } from './thickness-strip';

const at = (name: string, viscosityPaS: number, odd = false) => ({
  mix: name,
  name,
  viscosityPaS,
  reckonedPaS: viscosityPaS,
  step: viscosityPaS < 2.2 ? ('medium' as const) : ('thick' as const),
  wanted: 'medium' as const,
  read: odd,
  odd,
});

test('says in words what it draws: every mix, and which stands apart', () => {
  render(
    <View>
      <ThicknessStrip of={[at('Oat', 1.4), at('Slate', 1.2), at('Brass', 3.4, true)]} />
    </View>,
  );
  const box = screen.UNSAFE_getAllByType(View).find((v) => v.props.onLayout)!;
  fireEvent(box, 'layout', { nativeEvent: { layout: { width: 340 } } });
  expect(
    screen.getByLabelText(
      'From thin to thick: Oat medium; Slate medium; Brass thick, stands apart',
    ),
  ).toBeTruthy();
});
