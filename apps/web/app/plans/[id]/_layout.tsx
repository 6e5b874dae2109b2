import { Slot, useLocalSearchParams } from 'expo-router';
import { PlanProvider } from '@/plan/plan-context';

export default function PlanLayout() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return (
    <PlanProvider key={id} id={id}>
      <Slot />
    </PlanProvider>
  );
}
