import { edit as edits } from '@potter/core/plan';
import { parseSize } from '@potter/core/quantity';
import { shapeOf } from '@potter/core/surface';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { StationScreen } from '@/plan/station-screen';
import { Choice } from '@/ui/choice';
import { NumberField, QuantityField } from '@/ui/quantity-field';
import { TextField } from '@/ui/text-field';
import { useUnits } from '@/ui/units';
import { Amounts } from './amounts';
import { GroundField } from './ground-field';
import { SchoolFields } from './school-fields';
import { SurfaceDrawing } from './surface-drawing';

export function SurfaceStation() {
  const { plan, edit } = usePlan();
  const units = useUnits();
  const { surface } = plan;
  const change = (next: Partial<typeof surface>, tag?: string) =>
    edit((p) => edits.setSurface(p, next), tag);
  return (
    <StationScreen station="surface">
      <SurfaceDrawing surface={surface} />
      <View className="flex-row gap-3">
        <TextField
          className="flex-1"
          label="Size"
          shown={units.typedSize(surface.shape)}
          read={(text) => {
            const size = parseSize(text, units.length);
            if (!size.ok) return size;
            const { widthMm, heightMm } = shapeOf(size.value).bounds(size.value);
            const fits = Math.min(widthMm, heightMm) >= 5 && Math.max(widthMm, heightMm) <= 5000;
            return fits
              ? { ok: true, value: size.value }
              : { ok: false, fault: 'Between 5 mm and 5 m, please.' };
          }}
          onChange={(shape) => change({ shape }, 'size')}
          hint="40 x 50 cm, 16 x 20 in, 30 cm round, 30 x 20 cm oval"
        />
        <NumberField
          className="w-[96px]"
          label="Pieces"
          value={surface.pieces}
          min={1}
          max={500}
          whole
          onChange={(pieces) => change({ pieces }, 'pieces')}
        />
      </View>
      <View className="flex-row gap-3">
        <QuantityField
          className="flex-1"
          label="Edge depth"
          dimension="length"
          unit="mm"
          value={surface.edgeDepthMm}
          min={0}
          max={200}
          onChange={(edgeDepthMm) => change({ edgeDepthMm }, 'edge')}
        />
        <View className="flex-1">
          <Choice
            label="Edges"
            value={surface.coverEdges ? 'cover' : 'bare'}
            options={[
              { value: 'cover', label: 'Cover' },
              { value: 'bare', label: 'Leave' },
            ]}
            onChange={(value) => change({ coverEdges: value === 'cover' })}
          />
        </View>
      </View>
      <View className="flex-row gap-3">
        <View className="flex-1">
          <Choice
            label="Rim"
            value={surface.rim.kind}
            options={[
              { value: 'open', label: 'Open' },
              { value: 'raised', label: 'Raised' },
            ]}
            onChange={(kind) =>
              change({ rim: kind === 'open' ? { kind } : { kind, heightMm: 12 } })
            }
          />
        </View>
        {surface.rim.kind === 'raised' ? (
          <QuantityField
            className="flex-1"
            label="Rim height"
            dimension="length"
            unit="mm"
            value={surface.rim.heightMm}
            min={1}
            max={200}
            onChange={(heightMm) => change({ rim: { kind: 'raised', heightMm } }, 'rim')}
          />
        ) : (
          <View className="flex-1" />
        )}
      </View>
      <GroundField />
      <SchoolFields />
      <Amounts />
    </StationScreen>
  );
}
