import type { ShelfFinish } from '@potter/core/stock';
import { Choice } from '@/ui/choice';
import { ItemForm } from './item-form';
import { NameField } from '@/ui/name-field';
import { options } from '@/ui/options';
import { StockFields } from './stock-fields';

/** A varnish or resin. */
export const FinishForm = ({
  item,
  isNew,
}: {
  readonly item: ShelfFinish;
  readonly isNew: boolean;
}) => (
  <ItemForm item={item} isNew={isNew} title={isNew ? 'New top coat' : item.name}>
    {(value, set) => (
      <>
        <NameField value={value.name} onChange={(name) => set({ ...value, name })} />
        <Choice<ShelfFinish['product']>
          label="What it is"
          value={value.product}
          options={options('varnish', 'resin')}
          onChange={(product) => set({ ...value, product })}
        />
        <StockFields value={value} set={set} />
      </>
    )}
  </ItemForm>
);
