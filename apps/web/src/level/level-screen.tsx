import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { Screen } from '@/ui/screen';
import { Body } from '@/ui/type';
import { Levelling } from './levelling';
import { hasTilt, phoneTilt } from './phone-tilt';
import { practiceTilt } from './practice-tilt';
import type { TiltSource } from './tilt-source';

type Which = 'phone' | 'practice';

const SOURCES: Readonly<Record<Which, () => TiltSource>> = {
  phone: phoneTilt,
  practice: practiceTilt,
};

/** The board made level with the phone on it: which support is to be raised, by how much, and what happens if it is left. */
export function LevelScreen() {
  const { id } = usePlan();
  const router = useRouter();
  const [which, setWhich] = useState<Which>(hasTilt() ? 'phone' : 'practice');
  return (
    <Screen
      title="Level"
      acts={<Button label="Back" onPress={() => router.replace(`/plans/${id}/pour`)} />}
    >
      <View className="gap-4 wide:max-w-[720px]">
        <Body>
          Board on its supports, phone on its back in the middle of it, its top to the far edge.
        </Body>
        <Choice<Which>
          label="Read off"
          value={which}
          options={[
            ...(hasTilt() ? [{ value: 'phone', label: 'This phone' } as const] : []),
            { value: 'practice', label: 'Practice board' },
          ]}
          onChange={setWhich}
        />
        <Levelling key={which} make={SOURCES[which]} />
      </View>
    </Screen>
  );
}
