import { opacityOfCoat, qOf } from '@potter/core/optics';
import type { OpacityClass, Paint } from '@potter/core/paint';
import { COVERS } from '@potter/core/stock';
import { useState } from 'react';
import { View } from 'react-native';
import { paintChip } from '@/paints/paint-chip';
import { Checkable } from '@/ui/checkable';
import { Chip } from '@/ui/chip';
import { Choice } from '@/ui/choice';
import { Small, Strong } from '@/ui/type';

interface Props {
  /** What the card was painted with, as far as it is known. */
  readonly paint: Paint;
  /** The class it has been judged to be, of two coats. */
  readonly judged: OpacityClass | undefined;
  readonly onJudge: (opacity: Paint['opacity'], coats: 1 | 2) => void;
}

/** What is seen of the bar of a dried card, after one coat or two. */
export function JudgeByEye({ paint, judged, onJudge }: Props) {
  const [coats, setCoats] = useState<1 | 2>(2);
  const meant = (of: OpacityClass) => (coats === 2 ? of : opacityOfCoat(qOf(paint.hex), of));
  return (
    <View className="gap-3">
      <Choice
        label="Looked at"
        value={String(coats)}
        options={[
          { value: '2', label: 'Two coats' },
          { value: '1', label: 'One coat' },
        ]}
        onChange={(to) => setCoats(to === '1' ? 1 : 2)}
      />
      <View
        role="radiogroup"
        aria-label={coats === 2 ? 'After two dried coats' : 'After one dried coat'}
      >
        {COVERS.map(({ class: of, says }) => {
          const chip = paintChip({ ...paint, opacity: meant(of) });
          const is = coats === 2 && judged === of;
          return (
            <Checkable
              key={of}
              role="radio"
              checked={is}
              label={`${of}: ${says}`}
              onPress={() => onJudge(meant(of), coats)}
              className={`min-h-[64px] flex-row items-center gap-3 border-b border-l-4 border-b-rule py-2 pl-2 active:bg-pressed ${is ? 'border-l-ink bg-raised' : 'border-l-transparent'}`}
            >
              <Chip size={48} overWhite={chip.overWhite} overBlack={chip.overBlack} />
              <View className="min-w-0 flex-1">
                <Strong>{of}</Strong>
                <Small className="!text-ink">{says}</Small>
              </View>
            </Checkable>
          );
        })}
      </View>
      {coats === 1 ? (
        <Small>The chips are of two coats, as one that looks so lets expect them.</Small>
      ) : null}
    </View>
  );
}
