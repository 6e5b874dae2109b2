import type { ShelfPaint } from '@potter/contract';
import {
  notModelled,
  type Body as PaintBody,
  type Finish,
  type OpacityClass,
  type Paint,
} from '@potter/core/paint';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { Controller, useForm, useWatch } from 'react-hook-form';
import { View } from 'react-native';
import { useDeletePaint, usePutPaint } from '@/data/paints';
import { Button } from '@/ui/button';
import { Chip } from '@/ui/chip';
import { Choice } from '@/ui/choice';
import { HexField } from '@/ui/hex-field';
import { NumberField } from '@/ui/quantity-field';
import { Screen } from '@/ui/screen';
import { Failed } from '@/ui/state';
import { TextField } from '@/ui/text-field';
import { Body, Small } from '@/ui/type';
import { shelfPaintResolver } from './shelf-paint-resolver';
import { paintChip } from './paint-chip';
import { takenOff } from './taken-off';

const options = <T extends string>(...values: T[]) =>
  values.map((value) => ({ value, label: value }));

const OPACITIES = options<OpacityClass>('transparent', 'semi-transparent', 'semi-opaque', 'opaque');
const BODIES = options<PaintBody>('heavy', 'soft', 'fluid', 'craft', 'ready');
const FINISHES = options<Finish>(
  'matt',
  'satin',
  'gloss',
  'metallic',
  'pearl',
  'interference',
  'neon',
);

interface Props {
  readonly entry: ShelfPaint;
  readonly isNew: boolean;
}

/** One paint of the shelf: what is on its label, and what two coats of it hide. */
export function PaintForm({ entry, isNew }: Props) {
  const router = useRouter();
  const put = usePutPaint();
  const remove = useDeletePaint();
  const { control, handleSubmit, formState } = useForm<ShelfPaint>({
    defaultValues: entry,
    resolver: shelfPaintResolver,
  });
  const paint = useWatch({ control, name: 'paint' });
  const chip = paintChip(paint);
  const [tried, setTried] = useState(false);
  const faults = Object.values(formState.errors).flatMap((e) =>
    e && typeof e === 'object' && 'message' in e && typeof e.message === 'string'
      ? [e.message]
      : [],
  );
  const set = <K extends keyof Paint>(key: K, value: Paint[K], onChange: (paint: Paint) => void) =>
    onChange({ ...paint, [key]: value });
  return (
    <Screen
      title={isNew ? 'New paint' : entry.paint.name}
      acts={<Button label="Back" onPress={() => router.replace('/shelf')} />}
      foot={
        <View className="flex-row items-center justify-end gap-3 border-t border-ink bg-raised p-3">
          {tried && faults.length > 0 ? (
            <Small className="flex-1 font-bold text-ink">{faults[0]}</Small>
          ) : null}
          <Button
            primary
            label={put.isPending ? 'Saving…' : 'Save'}
            onPress={() => {
              setTried(true);
              void handleSubmit((value) =>
                put.mutate(value, { onSuccess: () => router.replace('/shelf') }),
              )();
            }}
          />
        </View>
      }
    >
      {put.isError ? <Failed what="The paint was not saved." why={put.error.message} /> : null}
      <Controller
        control={control}
        name="paint"
        render={({ field: { onChange } }) => (
          <View className="gap-4 wide:max-w-[720px]">
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
                {notModelled(paint.finish) ? <Small>{notModelled(paint.finish)}</Small> : null}
              </View>
            </View>
            <TextField
              label="Name"
              shown={paint.name}
              read={(text) =>
                text.trim() === ''
                  ? { ok: false, fault: 'A paint needs a name.' }
                  : { ok: true, value: text.slice(0, 80) }
              }
              onChange={(name) => set('name', name, onChange)}
            />
            <HexField
              label="Colour when dry"
              value={paint.hex}
              onChange={(hex) => set('hex', hex, onChange)}
            />
            <Choice<OpacityClass | 'measured'>
              label="How it covers, by the label or by your own test"
              value={typeof paint.opacity === 'string' ? paint.opacity : 'measured'}
              options={[
                ...OPACITIES,
                ...(typeof paint.opacity === 'string'
                  ? []
                  : [{ value: 'measured' as const, label: 'measured' }]),
              ]}
              onChange={(value) => value !== 'measured' && set('opacity', value, onChange)}
            />
            <Choice<PaintBody>
              label="Body"
              value={paint.body}
              options={BODIES}
              onChange={(body) => set('body', body, onChange)}
            />
            <Choice<Finish>
              label="Finish"
              value={paint.finish}
              options={FINISHES}
              onChange={(finish) => set('finish', finish, onChange)}
            />
            <NumberField
              label="Weight of 1 mL, grams (weigh 10 mL and divide by ten)"
              value={paint.densityGPerMl ?? 1.15}
              min={0.8}
              max={3}
              onChange={(densityGPerMl) => set('densityGPerMl', densityGPerMl, onChange)}
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
                set('pigments', pigments.length > 0 ? pigments : undefined, onChange)
              }
            />
          </View>
        )}
      />
      <View className="mt-4 gap-4 wide:max-w-[720px]">
        <Controller
          control={control}
          name="maker"
          render={({ field }) => (
            <TextField
              label="Maker, line and grade, in your own words"
              shown={field.value ?? ''}
              read={(text) => ({ ok: true, value: text.slice(0, 80) })}
              onChange={(text) => field.onChange(text || undefined)}
            />
          )}
        />
        <View className="flex-row gap-3">
          <Controller
            control={control}
            name="stockMl"
            render={({ field }) => (
              <NumberField
                className="flex-1"
                label="Left, mL"
                value={field.value ?? 0}
                min={0}
                max={1e6}
                decimals={0}
                onChange={field.onChange}
              />
            )}
          />
          <Controller
            control={control}
            name="sizeMl"
            render={({ field }) => (
              <NumberField
                className="flex-1"
                label="Tube holds, mL"
                value={field.value ?? 100}
                min={1}
                max={1e6}
                decimals={0}
                onChange={field.onChange}
              />
            )}
          />
          <Controller
            control={control}
            name="price"
            render={({ field }) => (
              <NumberField
                className="flex-1"
                label="Its price"
                value={field.value ?? 0}
                min={0}
                max={1e6}
                onChange={field.onChange}
              />
            )}
          />
        </View>
        {isNew ? null : (
          <Button
            className="self-start"
            label="Take it off the shelf"
            onPress={() =>
              remove.mutate(entry.paint.id, {
                onSuccess: () => {
                  takenOff.set(entry);
                  router.replace('/shelf');
                },
              })
            }
          />
        )}
      </View>
    </Screen>
  );
}
