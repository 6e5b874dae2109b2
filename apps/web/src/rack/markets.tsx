import { type House, type Market, marketOf, type Piece, type PricePoint } from '@potter/core/rack';
import { View } from 'react-native';
import { useChangeSettings, useSettings } from '@/data/settings';
import { Button } from '@/ui/button';
import { DateField } from '@/ui/date-field';
import { dayWords } from '@/ui/day-words';
import { today } from '@/ui/local-time';
import { money } from '@/ui/money';
import { NameField } from '@/ui/name-field';
import { NumberField } from '@/ui/quantity-field';
import { Section } from '@/ui/section';
import { Body } from '@/ui/type';
import { dayAt } from './when';

const MOST = 24;
const MOST_PRICES = 20;

/** Days things are sold on, each worked back to its prices: what will be there, what is missing, by when to pour it. */
export function Markets({
  pieces,
  house,
}: {
  readonly pieces: readonly Piece[];
  readonly house: House;
}) {
  const settings = useSettings();
  const change = useChangeSettings();
  const markets = settings.markets ?? [];
  const set = (next: readonly Market[]) => {
    const { markets: _, ...rest } = settings;
    change(next.length > 0 ? { ...rest, markets: [...next] } : rest);
  };
  return (
    <View className="gap-2">
      {markets.map((market, i) => (
        <OneMarket
          key={i}
          market={market}
          points={marketOf(market, pieces, house)}
          onChange={(to) => set(markets.flatMap((one, k) => (k === i ? (to ? [to] : []) : [one])))}
        />
      ))}
      {markets.length < MOST ? (
        <Button
          className="self-start"
          label="Add a market day"
          onPress={() =>
            set([...markets, { name: 'Market', day: today(), wants: [{ price: 20, pieces: 10 }] }])
          }
        />
      ) : null}
    </View>
  );
}

function OneMarket({
  market,
  points,
  onChange,
}: {
  readonly market: Market;
  readonly points: readonly PricePoint[];
  /** Nothing: it is taken out. */
  readonly onChange: (market: Market | undefined) => void;
}) {
  const { name, day, wants } = market;
  const wanted = points.reduce((sum, p) => sum + p.wanted, 0);
  const sure = points.reduce((sum, p) => sum + Math.min(p.sure, p.wanted), 0);
  return (
    <Section
      title={name}
      says={`${dayWords(day)}: ${sure} of ${wanted} pieces will be there for sure`}
    >
      <NameField value={name} onChange={(to) => onChange({ ...market, name: to })} />
      <DateField
        day
        label="Day"
        value={day}
        onChange={(to) => to !== undefined && onChange({ ...market, day: to })}
      />
      {wants.map((want, i) => {
        const with_ = (part: Partial<typeof want>) =>
          onChange({ ...market, wants: wants.map((w, k) => (k === i ? { ...w, ...part } : w)) });
        return (
          <View key={i} className="gap-1 border-t border-rule pt-2">
            <View className="flex-row items-end gap-3">
              <NumberField
                className="flex-1"
                label="Pieces"
                value={want.pieces}
                min={1}
                max={999}
                decimals={0}
                onChange={(pieces) => with_({ pieces })}
              />
              <NumberField
                className="flex-1"
                label="At, each"
                value={want.price}
                min={0}
                max={1e6}
                decimals={2}
                onChange={(price) => with_({ price })}
              />
              <Button
                label="Take out"
                name={`Take out: ${want.pieces} at ${money(want.price)}`}
                onPress={() => onChange({ ...market, wants: wants.filter((_, k) => k !== i) })}
              />
            </View>
            <Body>{pointWords(points[i]!)}</Body>
          </View>
        );
      })}
      <View className="flex-row flex-wrap gap-2">
        {wants.length < MOST_PRICES ? (
          <Button
            label="Add a price"
            onPress={() => onChange({ ...market, wants: [...wants, { price: 45, pieces: 4 }] })}
          />
        ) : null}
        <Button label="Take the day out" onPress={() => onChange(undefined)} />
      </View>
    </Section>
  );
}

/** What becomes of a price, in a sentence or two. */
function pointWords({ wanted, sure, unsure, missing, pourBy }: PricePoint): string {
  const there = `${Math.min(sure, wanted)} will be there for sure`;
  if (sure >= wanted) return `${there}: that is enough.`;
  return [
    `${there}${unsure > 0 ? `, ${unsure} more may be late or have no day` : ''}.`,
    missing > 0 ? `${missing} more to plan.` : '',
    pourBy === undefined ? '' : `Pour by ${dayAt(pourBy)}.`,
  ]
    .filter((say) => say !== '')
    .join(' ');
}
