import Svg, { Defs, Line, Pattern, Rect } from 'react-native-svg';

/** The one exception to neutral grey: an amber hatch where something can hurt. */
export function CareMark({ size = 18 }: { readonly size?: number }) {
  return (
    <Svg width={size} height={size} viewBox="0 0 18 18" role="img" aria-label="Take care">
      <Defs>
        <Pattern
          id="care"
          width={6}
          height={6}
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <Rect width={6} height={6} fill="#f2b705" />
          <Line x1={0} y1={0} x2={0} y2={6} stroke="#161616" strokeWidth={5} />
        </Pattern>
      </Defs>
      <Rect x={0.5} y={0.5} width={17} height={17} fill="url(#care)" stroke="#161616" />
    </Svg>
  );
}
