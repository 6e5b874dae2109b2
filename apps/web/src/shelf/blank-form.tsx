import type { ShelfSurface } from '@potter/core/stock';
import { plainSurface, type Support, SUPPORTS } from '@potter/core/surface';
import { SurfaceDrawing } from '@/drawing/surface-drawing';
import { ShapeFields } from '@/surface/shape-fields';
import { Choice } from '@/ui/choice';
import { QuantityField } from '@/ui/quantity-field';
import { CountFields } from './count-fields';
import { ItemForm } from './item-form';
import { NameField } from '@/ui/name-field';
import { options } from '@/ui/options';

/** A kind of blank: its size and how many of it wait. */
export function BlankForm({
  item,
  isNew,
}: {
  readonly item: ShelfSurface;
  readonly isNew: boolean;
}) {
  return (
    <ItemForm item={item} isNew={isNew} title={isNew ? 'New blank' : item.name}>
      {(value, set) => (
        <>
          <SurfaceDrawing surface={plainSurface(value.shape)} hand />
          <NameField value={value.name} onChange={(name) => set({ ...value, name })} />
          <ShapeFields
            shape={value.shape}
            onShape={(shape) => set({ ...value, shape })}
            onBlank={({ shape, edgeDepthMm, support }) =>
              set({ ...value, shape, edgeDepthMm, support })
            }
          />
          <Choice<Support | 'other'>
            label="Made of"
            value={value.support ?? 'other'}
            options={options(...SUPPORTS)}
            onChange={(support) => support !== 'other' && set({ ...value, support })}
          />
          <QuantityField
            label="Edge depth"
            dimension="length"
            unit="mm"
            value={value.edgeDepthMm}
            min={0}
            max={200}
            onChange={(edgeDepthMm) => set({ ...value, edgeDepthMm })}
          />
          <CountFields value={value} set={set} />
        </>
      )}
    </ItemForm>
  );
}
