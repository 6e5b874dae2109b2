import { ratioWords } from '@potter/core/mix';
import { trim } from '@potter/core/quantity';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { useOpenWhatLedTo } from '@/plan/led';
import { usePlan } from '@/plan/plan-context';
import { StationScreen } from '@/plan/station-screen';
import { Button } from '@/ui/button';
import { Chip } from '@/ui/chip';
import { Small, Strong } from '@/ui/type';
import { Mass } from '@/ui/units';
import { useConsistencyName } from './consistency-name';
import { AddMix } from './add-mix';
import { AllAlike } from './all-alike';
import { Bubbles } from './bubbles';
import { ByParts } from './by-parts';
import { MadeList } from './made-list';
import { MediumsToMake } from './mediums-to-make';
import { Metallics } from './metallics';
import { MixDetail } from './mix-detail';

export function MixesStation() {
  const { id, plan, brief } = usePlan();
  const router = useRouter();
  const nameOf = useConsistencyName();
  const [open, setOpen] = useState(plan.mixes[0]?.id);
  useOpenWhatLedTo('/mixes', (mix) => setOpen(plan.mixes[mix ?? 0]?.id));
  return (
    <StationScreen
      station="mixes"
      foot={
        <View className="flex-row gap-3 p-3">
          <Button
            className="min-h-[64px] flex-1"
            label="How thick is it?"
            onPress={() => router.push(`/plans/${id}/coach`)}
          />
          <Button
            primary
            className="min-h-[64px] flex-1"
            label="Weigh it all up"
            onPress={() => router.push(`/plans/${id}/weigh`)}
          />
        </View>
      }
    >
      <Metallics />
      <AllAlike />
      <View role="list">
        {brief.mixes.map((mix, index) => {
          const doc = plan.mixes[index];
          if (!doc) return null;
          const shown = open === mix.id;
          return (
            <View
              role="listitem"
              key={mix.id}
              className={`border-b border-b-rule border-l-4 ${shown ? 'border-l-ink bg-raised' : 'border-l-transparent'}`}
            >
              <Pressable
                role="button"
                aria-expanded={shown}
                aria-label={`${doc.name}, ${trim(mix.g, 1)} g`}
                onPress={() => setOpen(shown ? undefined : mix.id)}
                className="min-h-[60px] flex-row items-center gap-3 px-2 py-2"
              >
                <Chip size={40} overWhite={mix.hexOverWhite} overBlack={mix.hexOverBlack} />
                <View className="min-w-0 flex-1">
                  <Strong lines={2}>{doc.name}</Strong>
                  <Small>
                    {ratioWords(doc)}, {nameOf(mix.consistency)}
                    {doc.ownWay ? ', its own way' : ''}
                  </Small>
                </View>
                <Mass g={mix.g} fine />
              </Pressable>
              {shown ? <MixDetail index={index} mix={doc} brief={mix} /> : null}
            </View>
          );
        })}
      </View>
      <AddMix onAdded={setOpen} />
      <MediumsToMake />
      <ByParts />
      <Bubbles />
      <MadeList />
    </StationScreen>
  );
}
