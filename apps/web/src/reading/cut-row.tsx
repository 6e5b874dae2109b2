import type { CutKind } from '@potter/core/cut';
import { percent, show } from '@potter/core/quantity';
import { View } from 'react-native';
import { Body, Small, Strong } from '@/ui/type';
import { useUnits } from '@/ui/units';
import type { CutAnswer } from '@/workers/cut-messages';
import { PixelsCanvas } from './pixels-canvas';

/** One of four ways is shown so large, px. */
const THUMB = 76;

/** A vein shorter than this, mm, and patches that are less of a cut, are not told. */
const TELLS_MM = 5;
const TELLS = 0.05;

/** A cut: where it lies, what it is like, and the four ways to hang it, the steadiest first. */
export function CutRow({
  nth,
  found: { cut, shows, ways },
  kind,
}: {
  readonly nth: number;
  readonly found: CutAnswer['cuts'][number];
  readonly kind: CutKind;
}) {
  const { length } = useUnits();
  const scale = THUMB / Math.max(shows.width, shows.height);
  return (
    <View role="listitem" className="gap-2 border-b border-rule py-3">
      <View className="flex-row items-baseline gap-3">
        <Strong>{nth}</Strong>
        <Body className="flex-1">
          {show(cut.xMm, length)} from the left, {show(cut.yMm, length)} from the top
          {cut.turned ? ', across' : ''}
        </Body>
      </View>
      <Small>
        {[
          `${percent(cut.lively)} lively`,
          `${percent(cut.contrast)} contrast`,
          `${percent(cut.calm)} calm`,
          ...(cut.veinMm >= TELLS_MM ? [`${show(cut.veinMm, length)} of vein`] : []),
          ...(cut.patch >= TELLS ? [`${percent(cut.patch)} flat patch`] : []),
        ].join(', ')}
      </Small>
      <Small>Ways to hang it, the steadiest first:</Small>
      <View className="flex-row flex-wrap gap-3">
        {ways.map(({ turn }) => (
          <View key={turn} className="items-center gap-1">
            <View
              className="items-center justify-center"
              style={{ width: THUMB, height: THUMB }}
              aria-label={`Hung ${turnWords(turn)}`}
              role="img"
            >
              <PixelsCanvas
                pixels={shows}
                style={{
                  width: shows.width * scale,
                  height: shows.height * scale,
                  transform: `rotate(${turn}deg)`,
                  borderRadius: kind === 'oval' ? '50%' : 0,
                }}
              />
            </View>
            <Small>{turnWords(turn)}</Small>
          </View>
        ))}
      </View>
    </View>
  );
}

const turnWords = (turn: number): string => (turn === 0 ? 'as it lies' : `turned ${turn}°`);
