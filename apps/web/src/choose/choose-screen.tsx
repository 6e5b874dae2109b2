import type { Chosen } from '@potter/core/plan';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { Screen } from '@/ui/screen';
import { AskForIt } from './ask-for';
import { Decide } from './decide';

/** Choosing by picture: one decision at a time, or something asked for. */
export function ChooseScreen() {
  const { id, edit } = usePlan();
  const router = useRouter();
  const [by, setBy] = useState<'look' | 'ask'>('look');
  const back = () => router.replace(`/plans/${id}/preview`);
  const take = ({ plan }: Chosen) => {
    edit(() => plan);
    back();
  };
  return (
    <Screen title="Choose by picture" acts={<Button label="Back" onPress={back} />}>
      <View className="gap-4 wide:max-w-[960px]">
        <Choice
          label="How"
          value={by}
          options={[
            { value: 'look', label: 'Look at ways' },
            { value: 'ask', label: 'Ask for something' },
          ]}
          onChange={setBy}
        />
        <Button
          className="self-start"
          label="Another technique, by picture"
          onPress={() => router.push(`/plans/${id}/technique`)}
        />
        {by === 'look' ? <Decide onTake={take} /> : <AskForIt onTake={take} />}
      </View>
    </Screen>
  );
}
