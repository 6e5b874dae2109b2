import { type Sheets, USUAL_SHEETS } from '@potter/core/coat';
import { edit as edits } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { useState } from 'react';
import { View } from 'react-native';
import { useShelf } from '@/data/shelf';
import { usePlan } from '@/plan/plan-context';
import { TwoPartFields, VarnishFields } from '@/sheets/sheet-fields';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { NumberField, QuantityField } from '@/ui/quantity-field';
import { Section } from '@/ui/section';
import { Small } from '@/ui/type';

type Product = keyof Sheets;
type Extra = NonNullable<edits.CoatAsk['extra']>['of'];

const START = {
  product: 'varnish' as Product,
  coats: 2,
  pop: 'flame' as edits.CoatAsk['pop'],
  extra: 'none' as Extra | 'none',
  gPer100Ml: 2,
};

/** A top coat on what is there by then: oil off first, coats by their sheet, bubbles and cover, as stages with their own days. */
export function AddCoat() {
  const { plan, edit } = usePlan();
  const [ask, setAsk] = useState(START);
  const [own, setOwnMm] = useState<number>();
  const change = (to: Partial<typeof START>) => setAsk({ ...ask, ...to });
  const { product } = ask;
  const filmMm = own ?? edits.usualCoatMm(plan, product);
  const shelf = (useShelf().data ?? []).flatMap((item) =>
    item.kind === 'finish' && item.product === product ? [item] : [],
  );
  const sheet = plan.sheets?.[product];
  return (
    <Section
      title="Add a top coat"
      says="Varnish or two-part resin, by what its sheet says, with the oil off first."
    >
      <Choice<Product>
        label="Product"
        value={product}
        options={[
          { value: 'varnish', label: 'Varnish' },
          { value: 'resin', label: 'Two-part resin' },
        ]}
        onChange={(to) => {
          setOwnMm(undefined);
          change({ product: to, coats: to === 'resin' ? 1 : 2 });
        }}
      />
      <View className="flex-row flex-wrap gap-3">
        <NumberField
          className="min-w-[96px] flex-1"
          label="Coats"
          value={ask.coats}
          min={1}
          max={9}
          decimals={0}
          onChange={(coats) => change({ coats })}
        />
        <QuantityField
          className="min-w-[96px] flex-1"
          label="Each, thick"
          dimension="length"
          unit="mm"
          decimals={2}
          value={filmMm}
          min={0.02}
          max={10}
          onChange={setOwnMm}
        />
      </View>
      {product === 'resin' ? (
        <>
          <Choice
            label="Stirred in"
            value={ask.extra}
            options={[
              { value: 'none', label: 'Nothing' },
              { value: 'glitter', label: 'Glitter' },
              { value: 'flakes', label: 'Flakes' },
              { value: 'powder', label: 'Powder' },
            ]}
            onChange={(extra) => change({ extra })}
          />
          {ask.extra === 'none' ? null : (
            <NumberField
              label="Grams of it in 100 mL"
              value={ask.gPer100Ml}
              min={0.1}
              max={100}
              decimals={1}
              onChange={(gPer100Ml) => change({ gPer100Ml })}
            />
          )}
          <Choice
            label="Bubbles are popped with"
            value={ask.pop}
            options={[
              { value: 'flame', label: 'A flame' },
              { value: 'warm air', label: 'Warm air' },
              { value: 'pin', label: 'A pin' },
            ]}
            onChange={(pop) => change({ pop })}
          />
        </>
      ) : null}
      <Button
        primary
        className="self-start"
        label="Set it on the plan"
        onPress={() =>
          edit((p) =>
            edits.addCoat(p, {
              product,
              coats: ask.coats,
              filmMm,
              pop: ask.pop,
              ...(product === 'resin' && ask.extra !== 'none'
                ? { extra: { of: ask.extra, gPer100Ml: ask.gPer100Ml } }
                : {}),
            }),
          )
        }
      />
      <Section title="What its sheet says" says={sheetInShort(plan.sheets, product)}>
        <View className="flex-row flex-wrap gap-2">
          {shelf.flatMap((item) => {
            const of = item.sheets?.[product];
            return of
              ? [
                  <Button
                    key={item.id}
                    label={`As ${item.name} on the shelf`}
                    onPress={() =>
                      edit((p) => edits.setSheet(p, product, { ...of, name: item.name }))
                    }
                  />,
                ]
              : [];
          })}
          {sheet ? (
            <Button
              label="As is usual"
              onPress={() => edit((p) => edits.setSheet(p, product, undefined))}
            />
          ) : null}
        </View>
        {product === 'resin' ? (
          <TwoPartFields
            sheet={plan.sheets?.resin}
            onChange={(resin) => edit((p) => edits.setSheet(p, 'resin', resin), 'sheet')}
          />
        ) : (
          <VarnishFields
            sheet={plan.sheets?.varnish}
            onChange={(varnish) => edit((p) => edits.setSheet(p, 'varnish', varnish), 'sheet')}
          />
        )}
        <Small>What is usual is from memory: the product’s own sheet decides.</Small>
      </Section>
    </Section>
  );
}

function sheetInShort(own: Partial<Sheets> | undefined, product: Product): string {
  const whose = own?.[product]?.name ?? (own?.[product] ? 'Your own' : 'As is usual');
  if (product === 'varnish')
    return `${whose}: ${trim((own?.varnish ?? USUAL_SHEETS.varnish).m2PerL, 1)} m² a litre`;
  const { parts, by, openMin } = own?.resin ?? USUAL_SHEETS.resin;
  return `${whose}: ${parts.join(' : ')} by ${by}, open for ${openMin} min`;
}
