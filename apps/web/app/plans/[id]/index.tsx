import { Redirect, useLocalSearchParams } from 'expo-router';

export default function Plan() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return <Redirect href={`/plans/${id}/surface`} />;
}
