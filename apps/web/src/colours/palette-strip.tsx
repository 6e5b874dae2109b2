import { useRef } from 'react';
import { View } from 'react-native';
import { useMat } from '@/ui/mat';
import { useTokens } from '@/ui/tokens';

interface Part {
  readonly share: number;
  readonly overWhite: string;
  readonly overBlack: string;
  readonly name: string;
}

interface Props {
  readonly parts: readonly Part[];
  /** A border between two colours is moved: the left one gains `by` of the whole. */
  readonly onBorder: (index: number, by: number) => void;
}

const KEY_STEP = 0.01;
const TOUCH = 44;

/** The palette as wide as each colour's share, on the mat; the upper half lies over white, the lower over black. Borders are dragged, or moved by arrow keys. */
export function PaletteStrip({ parts, onBorder }: Props) {
  const { ink } = useTokens();
  const mat = useMat();
  const width = useRef(1);
  const says = parts.map((p) => `${p.name} ${Math.round(p.share * 100)} %`).join(', ');
  return (
    <View
      className="p-2"
      style={{ backgroundColor: mat }}
      onLayout={(e) => (width.current = e.nativeEvent.layout.width - 16)}
    >
      <View
        role="img"
        aria-label={`Palette: ${says}`}
        className="h-[88px] flex-row"
        style={{ borderWidth: 1, borderColor: ink }}
      >
        {parts.map((part) => (
          <View key={part.name} style={{ flexGrow: part.share, flexBasis: 0 }}>
            <View className="flex-1" style={{ backgroundColor: part.overWhite }} />
            <View className="flex-1" style={{ backgroundColor: part.overBlack }} />
          </View>
        ))}
      </View>
      {parts.slice(0, -1).map((part, i) => {
        const at = parts.slice(0, i + 1).reduce((sum, p) => sum + p.share, 0);
        return (
          <Border
            key={part.name}
            label={`Border of ${part.name} and ${parts[i + 1]?.name ?? ''}`}
            percent={Math.round(part.share * 100)}
            at={at}
            onMove={(by) => onBorder(i, by)}
            widthOf={() => width.current}
          />
        );
      })}
    </View>
  );
}

interface BorderProps {
  readonly label: string;
  readonly percent: number;
  readonly at: number;
  readonly onMove: (by: number) => void;
  readonly widthOf: () => number;
}

/** A grip over a border: as wide as a finger, drawn as a line. A real slider to the keyboard and to screen readers. */
function Border({ label, percent, at, onMove, widthOf }: BorderProps) {
  const from = useRef<number | undefined>(undefined);
  return (
    <div
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuenow={percent}
      aria-valuemin={0}
      aria-valuemax={100}
      aria-valuetext={`${percent} %`}
      style={{
        position: 'absolute',
        top: 8,
        height: 88,
        width: TOUCH,
        left: `calc(8px + (100% - 16px) * ${at} - ${TOUCH / 2}px)`,
        cursor: 'ew-resize',
        touchAction: 'none',
      }}
      onPointerDown={(event) => {
        from.current = event.clientX;
        event.currentTarget.setPointerCapture(event.pointerId);
      }}
      onPointerMove={(event) => {
        if (from.current === undefined) return;
        onMove((event.clientX - from.current) / widthOf());
        from.current = event.clientX;
      }}
      onPointerUp={() => (from.current = undefined)}
      onPointerCancel={() => (from.current = undefined)}
      onKeyDown={(event) => {
        if (event.key !== 'ArrowLeft' && event.key !== 'ArrowRight') return;
        event.preventDefault();
        onMove(event.key === 'ArrowRight' ? KEY_STEP : -KEY_STEP);
      }}
    />
  );
}
