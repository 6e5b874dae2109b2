import type { Parsed } from '@potter/core/quantity';
import { type Drawing, type Shape, shapeOf } from '@potter/core/surface';
import { useState } from 'react';
import { View } from 'react-native';
import { readAside } from '@/data/file-reader';
import { pickFile } from '@/data/files';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { QuantityField } from '@/ui/quantity-field';
import { TextField } from '@/ui/text-field';
import { Body, Strong } from '@/ui/type';
import { useUnits } from '@/ui/units';

type Outline = Extract<Shape, { kind: 'outline' }>;

/** Lengths a unit of a drawing may have, mm; a pixel of the web is 1/96 inch (CSS Values 4). */
const MM_PER = { mm: 1, cm: 10, in: 25.4, px: 25.4 / 96 } as const;
type DrawnUnit = keyof typeof MM_PER | 'file';

/** An outline from an SVG file or path data. What one of its units is, is asked; it is read away from the screen, since drawings may be large. */
export function DrawingFields({
  shape,
  onShape,
}: {
  readonly shape: Outline;
  readonly onShape: (shape: Outline, tag?: string) => void;
}) {
  const units = useUnits();
  const [source, setSource] = useState<Drawing | { readonly path: string }>();
  const [unit, setUnit] = useState<DrawnUnit>('mm');
  const [busy, setBusy] = useState(false);
  const [fault, setFault] = useState<string>();
  const { widthMm } = shapeOf(shape).bounds(shape);

  const aside = async <T,>(work: Promise<Parsed<T>>): Promise<T | undefined> => {
    setBusy(true);
    const read = await work.catch((error: Error): Parsed<never> => ({
      ok: false,
      fault: error.message,
    }));
    setBusy(false);
    setFault(read.ok ? undefined : read.fault);
    return read.ok ? read.value : undefined;
  };
  const draw = async (from: Drawing | { readonly path: string }, mmPerUnit: number) => {
    const outline = await aside(
      readAside<'outline'>(
        'path' in from
          ? { read: 'outline', path: from.path, mmPerUnit }
          : { read: 'outline', rings: from.rings, mmPerUnit },
      ),
    );
    if (outline) onShape(outline);
  };
  const mmOf = (drawn: DrawnUnit, from: typeof source): number =>
    drawn === 'file' ? ((from as Drawing).mmPerUnit ?? 1) : MM_PER[drawn];

  async function open() {
    const file = await pickFile('.svg,image/svg+xml', 'Drawing');
    if (!file) return;
    const drawing = await aside(readAside<'drawing'>({ read: 'drawing', file }));
    if (!drawing) return;
    const drawn: DrawnUnit = drawing.mmPerUnit === undefined ? unit : 'file';
    setSource(drawing);
    setUnit(drawn === 'file' || unit !== 'file' ? drawn : 'mm');
    await draw(drawing, mmOf(drawn, drawing));
  }

  return (
    <View className="gap-3">
      <Button
        className="self-start"
        label={busy ? 'Reading the drawing…' : 'Choose an SVG file'}
        disabled={busy}
        onPress={() => void open()}
      />
      <TextField
        label="Or SVG path data"
        lines={2}
        shown={source && 'path' in source ? source.path : ''}
        read={(text) => ({ ok: true, value: text.trim() })}
        onChange={(path) => {
          if (path === '') return;
          const from = { path };
          setSource(from);
          const drawn = unit === 'file' ? 'mm' : unit;
          setUnit(drawn);
          void draw(from, MM_PER[drawn]);
        }}
        hint="M0 0 L200 0 L100 150 Z; inner rings are holes"
      />
      {fault ? (
        <View role="alert" className="border-l-[6px] border-l-ink bg-raised p-4">
          <Strong>The surface stays as it was.</Strong>
          <Body>{fault}</Body>
        </View>
      ) : null}
      {source ? (
        <Choice<DrawnUnit>
          label="One unit of the drawing is"
          value={unit}
          options={[
            ...('rings' in source && source.mmPerUnit !== undefined
              ? [{ value: 'file' as const, label: 'as the file says' }]
              : []),
            { value: 'mm', label: '1 mm' },
            { value: 'cm', label: '1 cm' },
            { value: 'in', label: '1 in' },
            { value: 'px', label: '1 pixel' },
          ]}
          onChange={(next) => {
            setUnit(next);
            void draw(source, mmOf(next, source));
          }}
        />
      ) : null}
      <QuantityField
        label="Across"
        dimension="length"
        unit={units.length}
        value={widthMm}
        min={5}
        max={5000}
        onChange={(across) => void draw({ path: shape.path }, across / widthMm)}
      />
    </View>
  );
}
