import type { ShelfFinish } from '@potter/core/stock';
import { TwoPartFields, VarnishFields } from '@/sheets/sheet-fields';
import { Choice } from '@/ui/choice';
import { Section } from '@/ui/section';
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
        <Section title="What its sheet says" says="Ratio, densities, open time, hours">
          {value.product === 'resin' ? (
            <TwoPartFields
              sheet={value.sheets?.resin}
              onChange={(resin) => set({ ...value, sheets: { ...value.sheets, resin } })}
            />
          ) : (
            <VarnishFields
              sheet={value.sheets?.varnish}
              onChange={(varnish) => set({ ...value, sheets: { ...value.sheets, varnish } })}
            />
          )}
        </Section>
      </>
    )}
  </ItemForm>
);
