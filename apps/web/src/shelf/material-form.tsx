import type { ShelfMaterial } from '@potter/core/stock';
import type { Material } from '@potter/core/material';
import { Choice } from '@/ui/choice';
import { NumberField } from '@/ui/quantity-field';
import { TextField } from '@/ui/text-field';
import { ItemForm } from './item-form';
import { NameField } from '@/ui/name-field';
import { options } from '@/ui/options';
import { StockFields } from './stock-fields';

const ROLES = options<Material['role']>('medium', 'binder', 'water', 'oil', 'powder');

/** A material that is no paint. How thick it is and what it weighs decide how a mix comes out. */
export function MaterialForm({
  item,
  isNew,
}: {
  readonly item: ShelfMaterial;
  readonly isNew: boolean;
}) {
  return (
    <ItemForm item={item} isNew={isNew} title={isNew ? 'New material' : item.material.name}>
      {(value, set) => {
        const { material } = value;
        const change = (part: Partial<Material>) =>
          set({ ...value, material: { ...material, ...part } });
        return (
          <>
            <NameField value={material.name} onChange={(name) => change({ name })} />
            <Choice<Material['role']>
              label="What it is"
              value={material.role}
              options={ROLES}
              onChange={(role) => change({ role })}
            />
            <NumberField
              label="Weight of 1 mL, grams"
              value={material.densityGPerMl}
              min={0.1}
              max={12}
              onChange={(densityGPerMl) => change({ densityGPerMl })}
            />
            <NumberField
              label="Thickness, Pa·s (water 0.001, conditioner 0.6, glue 4)"
              decimals={4}
              value={material.viscosityPaS}
              min={0.0001}
              max={1000}
              onChange={(viscosityPaS) => change({ viscosityPaS })}
            />
            {material.role === 'powder' ? (
              <NumberField
                label="A level 1 mL scoop of it weighs, grams"
                value={material.looseGPerMl ?? 0.3}
                min={0.01}
                max={5}
                onChange={(looseGPerMl) => change({ looseGPerMl })}
              />
            ) : null}
            <TextField
              live
              label="Note"
              shown={material.note ?? ''}
              read={(text) => ({ ok: true, value: text.slice(0, 400) })}
              onChange={(note) => change({ note: note || undefined })}
            />
            <StockFields value={value} set={set} />
          </>
        );
      }}
    </ItemForm>
  );
}
