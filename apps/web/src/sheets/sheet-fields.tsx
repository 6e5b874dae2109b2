import { ratiosOf, type TwoPart, USUAL_SHEETS, type Varnish } from '@potter/core/coat';
import { trim } from '@potter/core/quantity';
import { View } from 'react-native';
import { Choice } from '@/ui/choice';
import { NumberField, QuantityField } from '@/ui/quantity-field';
import { Body, Small } from '@/ui/type';

type Pair = TwoPart['parts'];
const PAIRS: readonly Pair[] = [
  [1, 1],
  [2, 1],
  [3, 1],
];

/** Hours of a sheet, the same for every top coat. */
function HoursFields<S extends Pick<TwoPart, 'touchH' | 'againH' | 'curedH'>>({
  sheet,
  set,
}: {
  readonly sheet: S;
  readonly set: (part: Partial<TwoPart>) => void;
}) {
  const field = (label: string, key: 'touchH' | 'againH' | 'curedH') => (
    <NumberField
      className="min-w-[96px] flex-1"
      label={label}
      value={sheet[key]}
      min={0.1}
      max={5000}
      decimals={1}
      onChange={(hours) => set({ [key]: hours })}
    />
  );
  return (
    <View className="gap-1">
      <Small>At 20 °C, hours until it is</Small>
      <View className="flex-row flex-wrap gap-3">
        {field('dry to the touch', 'touchH')}
        {field('coated again', 'againH')}
        {field('cured', 'curedH')}
      </View>
    </View>
  );
}

/** What the sheet of a two-part coat says, as it is printed: its ratio by volume or by weight, told the other way too. */
export function TwoPartFields({
  sheet = USUAL_SHEETS.resin,
  onChange,
}: {
  readonly sheet: TwoPart | undefined;
  readonly onChange: (sheet: TwoPart) => void;
}) {
  const set = (part: Partial<TwoPart>) => onChange({ ...sheet, ...part });
  const { parts, gPerMl } = sheet;
  const { volume, weight } = ratiosOf(sheet);
  const pair = (of: Pair, i: 0 | 1, to: number): Pair => (i === 0 ? [to, of[1]] : [of[0], to]);
  return (
    <View className="gap-3">
      <Choice
        label="Its ratio is told by"
        value={sheet.by}
        options={[
          { value: 'volume', label: 'Volume' },
          { value: 'weight', label: 'Weight' },
        ]}
        onChange={(by) => set({ by })}
      />
      <Choice
        label="Resin to hardener"
        value={PAIRS.some(([a, b]) => a === parts[0] && b === parts[1]) ? parts.join(':') : 'own'}
        options={[
          ...PAIRS.map(([a, b]) => ({ value: `${a}:${b}`, label: `${a} : ${b}` })),
          { value: 'own', label: 'Own' },
        ]}
        onChange={(to) => {
          const [a, b] = to.split(':').map(Number);
          if (a && b) set({ parts: [a, b] });
        }}
      />
      <View className="flex-row flex-wrap gap-3">
        {(['Resin', 'Hardener'] as const).map((name, i) => (
          <NumberField
            key={name}
            className="min-w-[140px] flex-1"
            label={`${name}, parts`}
            value={parts[i as 0 | 1]}
            min={0.001}
            max={1000}
            decimals={2}
            onChange={(to) => set({ parts: pair(parts, i as 0 | 1, to) })}
          />
        ))}
        {(['Resin', 'Hardener'] as const).map((name, i) => (
          <NumberField
            key={`${name} g`}
            className="min-w-[140px] flex-1"
            label={`${name}, g in 1 mL`}
            value={gPerMl[i as 0 | 1]}
            min={0.1}
            max={5}
            decimals={2}
            onChange={(to) => set({ gPerMl: pair(gPerMl, i as 0 | 1, to) })}
          />
        ))}
      </View>
      <Body>
        {trim(volume, 2)} : 1 by volume is {trim(weight, 2)} : 1 by weight: the scale goes by that.
      </Body>
      <View className="flex-row flex-wrap gap-3">
        <NumberField
          className="min-w-[96px] flex-1"
          label="Open for, min"
          value={sheet.openMin}
          min={1}
          max={600}
          decimals={0}
          onChange={(openMin) => set({ openMin })}
        />
        <QuantityField
          className="min-w-[96px] flex-1"
          label="Largest batch"
          dimension="volume"
          unit="ml"
          value={sheet.mostMl}
          min={5}
          max={1e5}
          onChange={(mostMl) => set({ mostMl })}
        />
      </View>
      <HoursFields sheet={sheet} set={set} />
    </View>
  );
}

/** What the sheet of a varnish says. */
export function VarnishFields({
  sheet = USUAL_SHEETS.varnish,
  onChange,
}: {
  readonly sheet: Varnish | undefined;
  readonly onChange: (sheet: Varnish) => void;
}) {
  const set = (part: Partial<Varnish>) => onChange({ ...sheet, ...part });
  return (
    <View className="gap-3">
      <View className="flex-row flex-wrap gap-3">
        <NumberField
          className="min-w-[96px] flex-1"
          label="A litre covers, m²"
          value={sheet.m2PerL}
          min={0.1}
          max={100}
          decimals={1}
          onChange={(m2PerL) => set({ m2PerL })}
        />
        <NumberField
          className="min-w-[96px] flex-1"
          label="g in 1 mL"
          value={sheet.gPerMl}
          min={0.1}
          max={5}
          decimals={2}
          onChange={(gPerMl) => set({ gPerMl })}
        />
      </View>
      <HoursFields sheet={sheet} set={set as (part: Partial<TwoPart>) => void} />
    </View>
  );
}
