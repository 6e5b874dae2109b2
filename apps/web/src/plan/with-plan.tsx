import { useLocalSearchParams } from 'expo-router';
import type { ComponentType } from 'react';
import { PlanProvider } from './plan-context';

/** Makes a route of a station: opens the plan its address names. */
export function withPlan(Station: ComponentType): ComponentType {
  return function PlanRoute() {
    const { id } = useLocalSearchParams<{ id: string }>();
    return (
      <PlanProvider key={id} id={id}>
        <Station />
      </PlanProvider>
    );
  };
}
