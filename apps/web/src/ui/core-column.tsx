import { G, Path } from 'react-native-svg';

export interface Stratum {
  readonly hex: string;
  /** Height in the core, any one unit. */
  readonly mm: number;
}

interface Props {
  /** Bottom first, as loaded. */
  readonly strata: readonly Stratum[];
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly outline: string;
}

/** Paint creeps up the wall a little: how far each surface sags in the middle, px. */
const SAG = 2;

/** A core drilled through a cup: one column, strata in proportion, each top slightly hollow. */
export function CoreColumn({ strata, x, y, width, height, outline }: Props) {
  const whole = strata.reduce((sum, s) => sum + s.mm, 0) || 1;
  const tops = strata.map(
    (_, i) =>
      y + height - (strata.slice(0, i + 1).reduce((sum, s) => sum + s.mm, 0) / whole) * height,
  );
  const bands = strata.map(({ hex }, i) => ({
    hex,
    top: tops[i] ?? y,
    bottom: tops[i - 1] ?? y + height,
  }));
  const sag = (top: number) => `Q${x + width / 2} ${top + SAG * 2} ${x} ${top}`;
  return (
    <G>
      {/* Painted from the bottom up; each band reaches under the hollow of the one above. */}
      {bands.map(({ hex, top, bottom }, i) => (
        <Path
          key={i}
          d={`M${x} ${top}V${bottom}Q${x + width / 2} ${bottom + (i === 0 ? 0 : SAG * 2)} ${x + width} ${bottom}V${top}${sag(top)}Z`}
          fill={hex}
        />
      ))}
      <Path
        d={`M${x} ${y}V${y + height}H${x + width}V${y}`}
        fill="none"
        stroke={outline}
        strokeWidth={1.5}
      />
      <Path d={`M${x + width} ${y}${sag(y)}`} fill="none" stroke={outline} strokeWidth={1} />
    </G>
  );
}
