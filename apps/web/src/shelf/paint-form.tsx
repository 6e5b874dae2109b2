import type { ShelfPaint } from '@potter/core/stock';
import {
  type Body as PaintBody,
  type Finish,
  notModelled,
  type OpacityClass,
  type Paint,
} from '@potter/core/paint';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { PaintTrials } from './paint-trials';
import { Act } from '@/ui/button';
import { Chip } from '@/ui/chip';
import { Choice } from '@/ui/choice';
import { NumberField } from '@/ui/quantity-field';
import { TextField } from '@/ui/text-field';
import { Body, Heading, Small } from '@/ui/type';
import { ItemForm } from './item-form';
import { MeasuredOpacity } from './measured-opacity';
import { NameField } from '@/ui/name-field';
import { ColourField } from '@/paints/colour-field';
import { BODIES, FINISHES, OPACITIES } from '@/paints/paint-words';
import { paintChip } from '@/paints/paint-chip';
import { StockFields } from './stock-fields';

/** One paint of the shelf: what is on its label, and what two coats of it hide. */
export function PaintForm({ item, isNew }: { readonly item: ShelfPaint; readonly isNew: boolean }) {
  const router = useRouter();
  return (
    <ItemForm item={item} isNew={isNew} title={isNew ? 'New paint' : item.paint.name}>
      {(value, set) => {
        const { paint } = value;
        const chip = paintChip(paint);
        const change = (part: Partial<Paint>) => set({ ...value, paint: { ...paint, ...part } });
        return (
          <>
            <View className="flex-row items-center gap-4">
              <Chip
                size={88}
                overWhite={chip.overWhite}
                overBlack={chip.overBlack}
                label={`Chip of ${paint.name}`}
              />
              <View className="flex-1">
                <Body className="!font-bold">{chip.opacity.class}</Body>
                <Small>
                  Two coats reach a contrast ratio of {Math.round(chip.opacity.contrastRatio * 100)}{' '}
                  %; at 95 % a black mark just stops showing.
                </Small>
                {notModelled(paint) ? <Small>{notModelled(paint)}</Small> : null}
              </View>
            </View>
            <NameField value={paint.name} onChange={(name) => change({ name })} />
            <ColourField
              label="Colour when dry"
              value={paint.hex}
              onChange={(hex) => change({ hex })}
            />
            <Choice<OpacityClass | 'measured'>
              label="How it covers, by the label or by your own test"
              value={typeof paint.opacity === 'string' ? paint.opacity : 'measured'}
              options={[...OPACITIES, { value: 'measured' as const, label: 'measured' }]}
              onChange={(opacity) =>
                change({
                  opacity:
                    opacity === 'measured'
                      ? {
                          contrastRatio: Number(
                            Math.min(0.9999, Math.max(0.005, chip.opacity.contrastRatio)).toFixed(
                              4,
                            ),
                          ),
                          wetMicrons: chip.opacity.filmUm,
                        }
                      : opacity,
                })
              }
            />
            {typeof paint.opacity === 'string' ? null : (
              <MeasuredOpacity
                paint={paint}
                act="Take this reading"
                onChange={(opacity) => change({ opacity })}
              />
            )}
            <Choice<PaintBody>
              label="Body"
              value={paint.body}
              options={BODIES}
              onChange={(body) => change({ body })}
            />
            <Choice<Finish>
              label="Finish"
              value={paint.finish}
              options={FINISHES}
              onChange={(finish) => change({ finish })}
            />
            <NumberField
              label="Weight of 1 mL, grams (weigh 10 mL and divide by ten)"
              value={paint.densityGPerMl ?? 1.15}
              min={0.8}
              max={3}
              onChange={(densityGPerMl) => change({ densityGPerMl })}
            />
            <TextField
              label="Pigments on the label"
              shown={(paint.pigments ?? []).join(' ')}
              hint="such as PY42, several with a space between"
              read={(text) => {
                const codes = text.trim() === '' ? [] : text.trim().split(/[\s,]+/);
                const bad = codes.find((c) => !/^[A-Za-z]{2,3}[0-9.:]{0,8}$/.test(c));
                return bad === undefined
                  ? { ok: true, value: codes }
                  : { ok: false, fault: `"${bad}" is no pigment code.` };
              }}
              onChange={(pigments) =>
                change({ pigments: pigments.length > 0 ? pigments : undefined })
              }
            />
            {isNew ? null : (
              <View className="gap-1">
                <Heading>Trials</Heading>
                <PaintTrials item={value} />
                <Act label="Try it at Trials" onPress={() => router.push('/trials')} />
              </View>
            )}
            <StockFields value={value} set={set} />
          </>
        );
      }}
    </ItemForm>
  );
}
