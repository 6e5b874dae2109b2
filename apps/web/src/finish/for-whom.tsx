import { edit as edits, type Plan } from '@potter/core/plan';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { money } from '@/ui/money';
import { MoneyField } from '@/ui/money-field';
import { Section } from '@/ui/section';
import { TextField } from '@/ui/text-field';
import { Body } from '@/ui/type';

type Commission = NonNullable<Plan['commission']>;
const words = (most: number) => (text: string) => ({
  ok: true as const,
  value: text.slice(0, most),
});

/** Who a piece is made for and what was agreed; what it is sold for, beside what it costs. */
export function ForWhom() {
  const { plan, brief, edit } = usePlan();
  const of: Commission = plan.commission ?? { for: '' };
  const set = (part: Partial<Commission>) =>
    edit((p) => edits.setCommission(p, { ...of, ...part }), 'commission');
  const { price } = plan;
  const { cost, surface } = brief;
  return (
    <Section
      title="For whom, and the price"
      says={[
        of.for === '' ? 'For nobody yet' : `For ${of.for}`,
        price === undefined ? 'no price' : `${money(price)} ${cost.currency} each`,
      ].join(', ')}
    >
      <TextField
        live
        label="For"
        shown={of.for}
        read={words(120)}
        onChange={(to) => set({ for: to })}
      />
      {plan.commission ? (
        <>
          <TextField
            live
            label="Colours and tone they asked for"
            lines={2}
            shown={of.wishes ?? ''}
            read={words(1000)}
            onChange={(wishes) => set({ wishes })}
          />
          <TextField
            live
            label="If they do not take it"
            shown={of.fallback ?? ''}
            read={words(400)}
            onChange={(fallback) => set({ fallback })}
          />
        </>
      ) : null}
      <MoneyField
        label={`Sold for, ${cost.currency}, one piece`}
        value={price}
        onChange={(to) => edit((p) => edits.setPrice(p, to), 'price')}
      />
      {price === undefined ? null : (
        <View>
          <Body>
            It costs {money(cost.perPiece)} in what goes into it: {money(price - cost.perPiece)}{' '}
            {price >= cost.perPiece ? 'are left for the work' : 'are missing'}, each.
            {surface.pieces > 1
              ? ` The set of ${surface.pieces} brings ${money(price * surface.pieces)}.`
              : ''}
          </Body>
        </View>
      )}
    </Section>
  );
}
