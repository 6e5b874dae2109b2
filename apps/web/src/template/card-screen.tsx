import { careCard } from '@potter/core/format';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { device } from '@/data/device';
import { usePlan } from '@/plan/plan-context';
import { Button } from '@/ui/button';
import { dayWords } from '@/ui/day-words';
import { money } from '@/ui/money';
import { Screen } from '@/ui/screen';
import { TextField } from '@/ui/text-field';
import { Body } from '@/ui/type';
import { YesNo } from '@/ui/yes-no';
import { Printed } from './printed';

/** How the artist signs stays on this device. */
const SIGNED = 'card.by';

/** A label with its care for whoever gets the piece, on paper. */
export function CardScreen() {
  const { id, plan, brief } = usePlan();
  const router = useRouter();
  const [by, setBy] = useState(() => device.get<string>(SIGNED) ?? '');
  const [priced, setPriced] = useState(false);
  const { pour } = plan.dates ?? {};
  const card = careCard(plan, {
    ...(by === '' ? {} : { by }),
    ...(pour === undefined ? {} : { made: `${dayWords(pour)} ${pour.slice(0, 4)}` }),
    ...(priced && plan.price !== undefined
      ? { price: `${money(plan.price)} ${brief.cost.currency}` }
      : {}),
  });
  return (
    <Screen
      title="Label and care"
      acts={<Button label="Back" onPress={() => router.replace(`/plans/${id}/finish`)} />}
    >
      <View className="gap-4 wide:max-w-[960px]">
        <Body>For whoever gets the piece: what it is, and how it is looked after.</Body>
        <TextField
          live
          label="Made by"
          shown={by}
          read={(text) => ({ ok: true, value: text.slice(0, 80) })}
          onChange={(to) => {
            setBy(to);
            device.set(SIGNED, to);
          }}
        />
        {plan.price === undefined ? null : (
          <YesNo label="With its price" value={priced} onChange={setPriced} />
        )}
        <Printed
          drawings={[card]}
          says={`Label and care card of ${plan.title}`}
          name={`${plan.title} label`}
        />
      </View>
    </Screen>
  );
}
