import Svg from 'react-native-svg';
import { CoreColumn, type Stratum } from './core-column';
import { useTokens } from './tokens';

interface Props {
  readonly cores: readonly (readonly Stratum[])[];
  readonly width?: number;
  readonly height?: number;
}

/** A plan's face: the cores of its cups side by side, all to one scale. */
export function CoresThumbnail({ cores, width = 72, height = 72 }: Props) {
  const { ink } = useTokens();
  const gap = 4;
  const column = Math.min(20, (width - gap * (cores.length - 1)) / Math.max(1, cores.length));
  const tallest = Math.max(1, ...cores.map((core) => core.reduce((sum, s) => sum + s.mm, 0)));
  return (
    <Svg width={width} height={height} aria-hidden>
      {cores.map((core, i) => {
        const tall = (core.reduce((sum, s) => sum + s.mm, 0) / tallest) * (height - 4);
        return (
          <CoreColumn
            key={i}
            strata={core}
            x={1 + i * (column + gap)}
            y={height - 2 - tall}
            width={column - 2}
            height={tall}
            outline={ink}
          />
        );
      })}
    </Svg>
  );
}
