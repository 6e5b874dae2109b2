import { parseSize } from '@potter/core/quantity';
import {
  FONTS,
  type FontId,
  regularPolygon,
  type Shape,
  shapeOf,
  SIZES,
  sizeWords,
  type Support,
} from '@potter/core/surface';
import { View } from 'react-native';
import { useBlanks } from '@/data/shelf';
import { Choice } from '@/ui/choice';
import { Pick } from '@/ui/pick';
import { NumberField, QuantityField } from '@/ui/quantity-field';
import { TextField } from '@/ui/text-field';
import { useUnits } from '@/ui/units';
import { DrawingFields } from './drawing-fields';

interface Blank {
  readonly shape: Shape;
  readonly edgeDepthMm: number;
  readonly support?: Support | undefined;
}

interface Props {
  readonly shape: Shape;
  readonly onShape: (shape: Shape, tag?: string) => void;
  /** A size from the library or one's own shelf brings its edges along. */
  readonly onBlank: (blank: Blank) => void;
}

type Way = 'size' | 'corners' | 'letters' | 'drawing';

const WAY: Readonly<Record<Shape['kind'], Way>> = {
  rect: 'size',
  round: 'size',
  oval: 'size',
  ring: 'size',
  polygon: 'corners',
  glyphs: 'letters',
  outline: 'drawing',
};

/** The same width in another kind of shape, as a start. */
function startOf(way: Way, shape: Shape): Shape {
  const { widthMm, heightMm } = shapeOf(shape).bounds(shape);
  switch (way) {
    case 'size':
      return { kind: 'rect', widthMm: Math.round(widthMm), heightMm: Math.round(heightMm) };
    case 'corners':
      return regularPolygon(6, Math.round(widthMm));
    case 'letters':
      return { kind: 'glyphs', text: 'A', font: 'hyperlegible', heightMm: 150 };
    case 'drawing':
      return { kind: 'outline', path: shapeOf(shape).path(shape) };
  }
}

/** What is poured on: a size as it is typed or sold, corners, letters cut out, or a drawing. */
export function ShapeFields({ shape, onShape, onBlank }: Props) {
  return (
    <View className="gap-3">
      <Choice<Way>
        label="Shape"
        value={WAY[shape.kind]}
        options={[
          { value: 'size', label: 'By size' },
          { value: 'corners', label: 'Corners' },
          { value: 'letters', label: 'Letters' },
          { value: 'drawing', label: 'Drawing' },
        ]}
        onChange={(way) => onShape(startOf(way, shape))}
      />
      {WAY[shape.kind] === 'size' ? (
        <SizeFields shape={shape} onShape={onShape} onBlank={onBlank} />
      ) : null}
      {shape.kind === 'polygon' ? <CornerFields shape={shape} onShape={onShape} /> : null}
      {shape.kind === 'glyphs' ? <LetterFields shape={shape} onShape={onShape} /> : null}
      {shape.kind === 'outline' ? <DrawingFields shape={shape} onShape={onShape} /> : null}
    </View>
  );
}

/** Sizes a surface may have: a bead to a wall. */
const fits = (shape: Shape): boolean => {
  const { widthMm, heightMm } = shapeOf(shape).bounds(shape);
  return Math.min(widthMm, heightMm) >= 5 && Math.max(widthMm, heightMm) <= 5000;
};

function SizeFields({ shape, onShape, onBlank }: Props) {
  const units = useUnits();
  const own = useBlanks();
  const sold = SIZES.filter((s) => s.unit === (units.length === 'in' ? 'in' : 'cm'));
  const library = [
    ...own.map((b) => ({ label: `${b.name}, on your shelf`, blank: b as Blank })),
    ...sold.map((s) => ({
      label: `${sizeWords(s.shape, s.unit)}, ${s.support}${s.edgeDepthMm > 30 ? ', deep edge' : ''}`,
      blank: s as Blank,
    })),
  ];
  return (
    <>
      <TextField
        label="Size"
        shown={sizeWords(shape, units.length, ' x ')}
        read={(text) => {
          const size = parseSize(text, units.length);
          if (!size.ok) return size;
          if (!fits(size.value)) return { ok: false, fault: 'Between 5 mm and 5 m, please.' };
          const fault = shapeOf(size.value).fault?.(size.value);
          return fault === undefined ? size : { ok: false, fault: `It ${fault}.` };
        }}
        onChange={(typed) => onShape(typed, 'size')}
        hint="40 x 50 cm, 16 x 20 in, 30 cm round, 30 x 20 cm oval, 30 x 10 cm ring"
      />
      <Pick
        label="Or one that is sold"
        value=""
        empty="Choose a size"
        options={library.map(({ label }, i) => ({ value: String(i), label }))}
        onChange={(i) => {
          const found = library[Number(i)];
          if (found) onBlank(found.blank);
        }}
      />
    </>
  );
}

type Of<K extends Shape['kind']> = {
  readonly shape: Extract<Shape, { kind: K }>;
  readonly onShape: Props['onShape'];
};

function CornerFields({ shape, onShape }: Of<'polygon'>) {
  const { widthMm } = shapeOf(shape).bounds(shape);
  const units = useUnits();
  return (
    <>
      <View className="flex-row gap-3">
        <NumberField
          className="flex-1"
          label="Even corners"
          value={shape.cornersMm.length}
          min={3}
          max={24}
          whole
          onChange={(sides) => onShape(regularPolygon(sides, widthMm), 'corners')}
        />
        <QuantityField
          className="flex-1"
          label="Across"
          dimension="length"
          unit={units.length}
          value={widthMm}
          min={5}
          max={5000}
          onChange={(across) => {
            const k = across / widthMm;
            onShape(
              { ...shape, cornersMm: shape.cornersMm.map(([x, y]) => [x * k, y * k]) },
              'across',
            );
          }}
        />
      </View>
      <TextField
        label="Or every corner in mm, from the left and from the top"
        lines={3}
        shown={shape.cornersMm.map(([x, y]) => `${round(x)} ${round(y)}`).join(', ')}
        read={(text) => {
          const corners = text
            .split(/[,;\n]/)
            .map((pair) => pair.trim().split(/\s+/).map(Number))
            .filter((pair) => pair.length > 1 || pair[0] !== 0);
          const bad = corners.findIndex(
            (p) => p.length !== 2 || p.some((v) => !Number.isFinite(v)),
          );
          if (bad >= 0)
            return { ok: false, fault: `Corner ${bad + 1} needs two numbers, such as 120 40.` };
          const next = { kind: 'polygon' as const, cornersMm: corners as [number, number][] };
          if (corners.length < 3) return { ok: false, fault: 'At least three corners, please.' };
          const fault = shapeOf(next).fault?.(next);
          return fault === undefined
            ? { ok: true, value: next }
            : { ok: false, fault: `The outline ${fault}.` };
        }}
        onChange={(next) => onShape(next, 'corners')}
        hint="0 0, 200 0, 100 150"
      />
    </>
  );
}

const round = (mm: number): number => Number(mm.toFixed(1));

function LetterFields({ shape, onShape }: Of<'glyphs'>) {
  const units = useUnits();
  return (
    <>
      <View className="flex-row gap-3">
        <TextField
          className="flex-1"
          label="Letters or figures"
          shown={shape.text}
          read={(text) => {
            const next = { ...shape, text: text.trim().slice(0, 12) };
            if (next.text === '') return { ok: false, fault: 'Type a letter or a number.' };
            const fault = shapeOf(next).fault?.(next);
            return fault === undefined
              ? { ok: true, value: next }
              : { ok: false, fault: `The font ${fault}.` };
          }}
          onChange={(next) => onShape(next, 'letters')}
        />
        <QuantityField
          className="flex-1"
          label="Height of a capital"
          dimension="length"
          unit={units.length}
          value={shape.heightMm}
          min={20}
          max={2000}
          onChange={(heightMm) => onShape({ ...shape, heightMm }, 'letter height')}
        />
      </View>
      <Choice<FontId>
        label="Cut from"
        value={shape.font}
        options={Object.values(FONTS).map((f) => ({ value: f.id as FontId, label: f.name }))}
        onChange={(font) => onShape({ ...shape, font })}
      />
    </>
  );
}
