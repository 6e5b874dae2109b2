import { writeShoppingCsv } from '@potter/core/format';
import { trim } from '@potter/core/quantity';
import { needsOf, type ShoppingLine, shoppingList } from '@potter/core/stock';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { View } from 'react-native';
import { saveFile } from '@/data/files';
import { nameIn } from '@/data/name-in';
import { idsIn, useOpenPlans } from '@/data/open-plans';
import { useShelf } from '@/data/shelf';
import { Button } from '@/ui/button';
import { money } from '@/ui/money';
import { Screen } from '@/ui/screen';
import { Empty, Failed, Waiting } from '@/ui/state';
import { Body, Figure, Heading, Small, Strong } from '@/ui/type';
import { useUnits } from '@/ui/units';
import { CostLine } from './cost-line';

/** What one or several plans need against what stands on the shelf: what is lacking first. */
export function ShoppingScreen() {
  const params = useLocalSearchParams<{ plans?: string }>();
  const ids = idsIn(params.plans);
  const router = useRouter();
  const { length } = useUnits();
  const { plans, pending, error } = useOpenPlans(ids);
  const shelf = useShelf();
  const back = () =>
    ids.length === 1 ? router.replace(`/plans/${ids[0]}/surface`) : router.replace('/plans');
  const ready = !pending && shelf.data !== undefined && plans.length > 0;
  const lines = ready
    ? shoppingList(
        plans.flatMap((p) => needsOf(p.plan, p.brief)),
        shelf.data,
        length === 'in' ? 'in' : 'cm',
      )
    : [];
  const lacking = lines.filter((l) => l.lack > 0);
  const inHand = lines.filter((l) => l.lack === 0);
  const currency = plans[0]?.brief.cost.currency ?? 'EUR';
  const cost = lacking.reduce((sum, l) => sum + (l.cost ?? 0), 0);
  const unpriced = lacking.filter((l) => l.cost === undefined).length;
  return (
    <Screen title="Shopping list" acts={<Button label="Back" onPress={back} />}>
      {error ? <Failed what="A plan cannot be read." why={error.message} /> : null}
      {pending ? <Waiting what="Adding up" /> : null}
      {ids.length === 0 ? (
        <Empty
          says="A shopping list is made from plans: choose one or more of them."
          act="To the plans"
          onAct={() => router.replace('/plans')}
        />
      ) : null}
      {ready ? (
        <View className="gap-4 wide:max-w-[960px]">
          <Body>For {plans.map((p) => p.title).join(', ')}.</Body>
          <View className="gap-1">
            <Heading>To buy</Heading>
            {lacking.length === 0 ? <Body>Nothing: it all stands on the shelf.</Body> : null}
            <View role="list" aria-label="To buy">
              {lacking.map((line) => (
                <Line key={`${line.kind} ${line.name}`} line={line} currency={currency} />
              ))}
            </View>
            {lacking.length > 0 ? (
              <View className="flex-row items-baseline justify-between gap-3 py-2">
                <Body className="flex-1">
                  {unpriced === 0
                    ? 'Together'
                    : `Together; ${unpriced === 1 ? 'one line has' : `${unpriced} lines have`} no price on the shelf`}
                </Body>
                <Figure figure={money(cost)} unit={currency} />
              </View>
            ) : null}
          </View>
          <View className="gap-1">
            <Heading>In hand</Heading>
            <View role="list" aria-label="In hand">
              {inHand.map((line) => (
                <Line key={`${line.kind} ${line.name}`} line={line} currency={currency} />
              ))}
            </View>
          </View>
          <View className="gap-1">
            <Heading>What it costs</Heading>
            {plans.map(({ id, title, plan, brief }) => (
              <CostLine key={id} title={title} brief={brief} nameOf={nameIn(plan)} />
            ))}
          </View>
          <View className="flex-row flex-wrap gap-2 print:hidden">
            <Button label="Print" onPress={() => window.print()} />
            <Button
              label="Save as CSV"
              onPress={() =>
                saveFile('shopping-list.csv', writeShoppingCsv(lines, currency), 'text/csv')
              }
            />
          </View>
        </View>
      ) : null}
    </Screen>
  );
}

function Line({ line, currency }: { readonly line: ShoppingLine; readonly currency: string }) {
  const unit = line.unit === 'ml' ? ' mL' : '';
  const grams = line.needG === undefined ? '' : `, ${trim(line.needG, line.needG < 10 ? 1 : 0)} g`;
  return (
    <View
      role="listitem"
      className="min-h-[56px] flex-row items-center gap-3 border-b border-rule py-2"
    >
      <View className="min-w-0 flex-1">
        <Strong lines={2}>{line.name}</Strong>
        <Small>
          {line.maker ? `${line.maker}; ` : ''}needs {trim(line.need, line.need < 10 ? 1 : 0)}
          {unit}
          {grams}
          {line.known ? `; ${trim(line.have, 0)}${unit} there` : '; not on the shelf'}
        </Small>
      </View>
      {line.lack > 0 ? (
        <View className="items-end">
          <Figure
            figure={
              line.packMl === undefined
                ? `${trim(Math.ceil(line.lack), 0)}${unit}`
                : `${line.buy} × ${trim(line.packMl, 0)} mL`
            }
          />
          {line.cost === undefined ? null : (
            <Small>
              {money(line.cost)} {currency}
            </Small>
          )}
        </View>
      ) : null}
    </View>
  );
}
