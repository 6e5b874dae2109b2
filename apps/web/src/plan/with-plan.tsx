import { useLocalSearchParams } from 'expo-router';
import type { ComponentType } from 'react';
import { PlanProvider } from './plan-context';

/** Makes a route of a station: opens the plan its address names. `previewed`: it shows the preview on a phone too. */
export function withPlan(Station: ComponentType, previewed = false): ComponentType {
  return function PlanRoute() {
    const { id } = useLocalSearchParams<{ id: string }>();
    return (
      <PlanProvider key={id} id={id} previewed={previewed}>
        <Station />
      </PlanProvider>
    );
  };
}
