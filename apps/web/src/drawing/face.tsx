import { shapeOf, type Surface } from '@potter/core/surface';
import { Path } from 'react-native-svg';
import { useTokens } from '@/ui/tokens';
import type { BoardView } from './view';

/** A surface on its ground, as its outline lies on a board. */
export function Face({ surface, view }: { readonly surface: Surface; readonly view: BoardView }) {
  const { ink } = useTokens();
  return (
    <Path
      d={shapeOf(surface.shape).path(surface.shape)}
      transform={`translate(${view.left} ${view.top}) scale(${view.scale})`}
      fill={surface.ground.hex}
      fillRule="evenodd"
      stroke={ink}
      strokeWidth={1.5 / view.scale}
    />
  );
}
