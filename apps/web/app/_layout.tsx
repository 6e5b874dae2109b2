import '../global.css';
import { AtkinsonHyperlegibleNext_400Regular } from '@expo-google-fonts/atkinson-hyperlegible-next/400Regular';
import { AtkinsonHyperlegibleNext_700Bold } from '@expo-google-fonts/atkinson-hyperlegible-next/700Bold';
import { BricolageGrotesque_800ExtraBold } from '@expo-google-fonts/bricolage-grotesque/800ExtraBold';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { useFonts } from 'expo-font';
import { Slot } from 'expo-router';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { behindWhere } from '@/behind/behind';
import { useMade } from '@/coach/use-made';
import { keepOnDevice } from '@/data/keep-on-device';
import { beginOutbox } from '@/data/outbox/outbox';
import { useLiveAnswers } from '@/data/live-answers';
import { usePieceAnswers } from '@/data/piece-answers';
import { useReactionAnswers } from '@/data/reactions';
import { useAnyWait } from '@/data/runs';
import { useSettingsAnswers } from '@/data/settings';
import { useShelfAnswers } from '@/data/shelf';
import { ClockBand } from '@/run/clock-band';
import { Renewal } from '@/run/renewal';
import { Theme } from '@/ui/theme';
import { PairedBand } from '@/unsent/paired-band';
import { UnsentBand } from '@/unsent/unsent-band';
import { TableBand } from '@/weigh/table-band';

const TimerBand = behindWhere((screens) => screens.TimerBand, useAnyWait);
const StandingBand = behindWhere((screens) => screens.StandingBand, useMade);

/** What stands in for a screen that stopped. */
export { PageFault as ErrorBoundary } from '@/ui/page-fault';

export default function RootLayout() {
  // Text is shown in the system's face until the fonts are there: a title late is worse than a title that settles.
  useFonts({
    AtkinsonHyperlegibleNext_400Regular,
    AtkinsonHyperlegibleNext_700Bold,
    BricolageGrotesque_800ExtraBold,
  });
  const [client] = useState(
    () => new QueryClient({ defaultOptions: { queries: { staleTime: 5000, retry: 1 } } }),
  );
  useEffect(() => {
    // What earlier pages left unsent.
    void beginOutbox();
    return keepOnDevice();
  }, []);
  return (
    <QueryClientProvider client={client}>
      <Theme />
      <Answers />
      <Renewal />
      <View className="flex-1">
        <ClockBand />
        <TimerBand />
        <StandingBand />
        <TableBand />
        <PairedBand />
        <UnsentBand />
        <Slot />
      </View>
    </QueryClientProvider>
  );
}

/** What the studio answers to changes made here, and tells of changes made elsewhere, taken over by the lists they changed. */
function Answers() {
  useLiveAnswers();
  useSettingsAnswers();
  useShelfAnswers();
  useReactionAnswers();
  usePieceAnswers();
  return null;
}
