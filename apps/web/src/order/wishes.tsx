import { type CupOrder, ORDER_SCHOOLS, type OrderSchoolId } from '@potter/core/order';
import { edit as edits, meetingsOf, mixNames, usualPins } from '@potter/core/plan';
import { useState } from 'react';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { Act, Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { Pick } from '@/ui/pick';
import { Body, Small } from '@/ui/type';
import { YesNo } from '@/ui/yes-no';

const ANY = '';

/** What is asked of the order: a school, ends, what lies between, what may not touch. Kept with the plan. */
export function Wishes({
  cup,
  inCup,
}: {
  readonly cup: number;
  readonly inCup: readonly string[];
}) {
  const { plan, brief, edit } = usePlan();
  const wish: CupOrder = plan.order ?? { school: 'contrast' };
  const nameOf = mixNames(plan);
  const pins = usualPins(plan, cup);
  // A colour that is not in this cup cannot be asked for in it.
  const usual = pins && inCup.includes(pins.first) && inCup.includes(pins.last) ? pins : undefined;
  const options = inCup.map((id) => ({ value: id, label: nameOf(id) }));
  const set = (change: Parameters<typeof edits.setOrder>[1]) =>
    edit((p) => edits.setOrder(p, change));
  const end = (key: 'first' | 'last' | 'separator', label: string, none: string) => (
    <Pick
      label={label}
      value={wish[key] ?? ANY}
      options={[
        { value: ANY, label: none },
        ...(key === 'separator'
          ? plan.mixes.map((m) => ({ value: m.id, label: m.name }))
          : options),
      ]}
      onChange={(id) => set({ [key]: id === ANY ? undefined : id })}
    />
  );
  return (
    <View className="gap-4">
      <View className="gap-1">
        <Choice<OrderSchoolId>
          label="School"
          value={wish.school}
          options={Object.values(ORDER_SCHOOLS).map(({ id, name }) => ({
            value: id,
            label: name,
          }))}
          onChange={(school) => set({ school })}
        />
        <Small className="!text-ink">{ORDER_SCHOOLS[wish.school].says}</Small>
      </View>
      <View className="flex-row gap-3">
        <View className="flex-1">{end('first', 'Goes in first', 'any colour')}</View>
        <View className="flex-1">{end('last', 'Goes in last', 'any colour')}</View>
      </View>
      {usual && (wish.first !== usual.first || wish.last !== usual.last) ? (
        <View>
          <Small className="!text-ink">{usual.why}</Small>
          <Act
            label={
              usual.first === usual.last
                ? `Ask for ${nameOf(usual.first)} first and last`
                : `Ask for ${nameOf(usual.first)} first, ${nameOf(usual.last)} last`
            }
            onPress={() => set({ first: usual.first, last: usual.last })}
          />
        </View>
      ) : null}
      <View className="flex-row flex-wrap gap-x-6 gap-y-3">
        <YesNo
          label="The same first and last"
          value={wish.sameEnds === true}
          onChange={(yes) => set({ sameEnds: yes ? true : undefined })}
        />
        <Choice
          label="Layers between repeats, at least"
          value={String(wish.spacing ?? 1)}
          options={['1', '2', '3'].map((n) => ({ value: n, label: n }))}
          onChange={(n) => set({ spacing: n === '1' ? undefined : Number(n) })}
        />
      </View>
      {wish.facing || meetingsOf(plan, brief).length > 0 ? (
        <YesNo
          label="Where cups meet, different colours"
          yes="Yes, they differ"
          value={wish.facing === true}
          onChange={(yes) => set({ facing: yes ? true : undefined })}
        />
      ) : null}
      {end('separator', 'A thin layer between colours that get on badly', 'none')}
      <Apart options={options} />
    </View>
  );
}

/** Pairs that may not touch. */
function Apart({
  options,
}: {
  readonly options: readonly { readonly value: string; readonly label: string }[];
}) {
  const { plan, edit } = usePlan();
  const [adding, setAdding] = useState(false);
  const [a, setA] = useState<string>();
  const nameOf = mixNames(plan);
  const apart = plan.order?.apart ?? [];
  return (
    <View className="gap-2" role="group" aria-label="Kept apart">
      <Small>Never on each other</Small>
      {apart.map((pair) => (
        <View
          key={`${pair.a} ${pair.b}`}
          className="flex-row items-center justify-between gap-3 border-b border-rule"
        >
          <Body className="flex-1">
            {nameOf(pair.a)}, {nameOf(pair.b)}
          </Body>
          <Act
            label={`Let ${nameOf(pair.a)} and ${nameOf(pair.b)} touch`}
            onPress={() => edit((p) => edits.setApart(p, pair.a, pair.b, false))}
          />
        </View>
      ))}
      {adding ? (
        <Choice
          label={a === undefined ? 'One of them' : `${nameOf(a)} and`}
          value=""
          options={options.filter((o) => o.value !== a)}
          onChange={(id) => {
            if (a === undefined) {
              setA(id);
              return;
            }
            edit((p) => edits.setApart(p, a, id, true));
            setA(undefined);
            setAdding(false);
          }}
        />
      ) : null}
      <Button
        className="self-start"
        label={adding ? 'Leave it' : '+ Pair kept apart'}
        onPress={() => {
          setAdding(!adding);
          setA(undefined);
        }}
      />
    </View>
  );
}
