import { stageSteps } from '@potter/core/journal';
import { edit as edits, notPictured } from '@potter/core/plan';
import { stagesOf } from '@potter/core/schedule';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { StationScreen } from '@/plan/station-screen';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { Body, Small } from '@/ui/type';
import { OutcomeVitals } from '@/picture/figures';
import { FilmLegend } from '@/picture/film-legend';
import { PouredPicture } from '@/picture/poured-picture';
import { Progress } from '@/picture/progress';
import { useDrill } from '@/picture/use-drill';
import { useKeyPictures } from '@/picture/use-key-pictures';
import { CoreSection } from './core-section';
import { OutcomeSections } from './outcome-sections';
import { PrintSection } from './print-section';
import { SaveButton } from './save-button';
import { TimeLine } from './time-line';

/** The picture computed from cups and moves, and what it says of the plan. */
export function PreviewStation() {
  const { id, plan, brief, edit, outcome, seed, trySeed, view, setView } = usePlan();
  const router = useRouter();
  const { spot, drill } = useDrill();
  const kept = plan.seed ?? 1;
  const unseen = notPictured(plan);
  const steps = stageSteps(plan, brief.run);
  const stages = stagesOf(plan);
  const pours = [0, ...(outcome?.later ?? []).map(({ stage }) => stage)].map(
    (stage) => stages[stage]?.title ?? '',
  );
  // Nothing of the way there is computed before somebody asks for it.
  const [at, setAt] = useState<number>();
  const tried = useMemo(() => (seed === kept ? plan : { ...plan, seed }), [plan, seed, kept]);
  const keys = useKeyPictures(tried, undefined, at !== undefined);
  const done = Math.min(at ?? steps.length, steps.length);
  const under = done < steps.length ? keys.before(steps[done]!.move)?.uri : undefined;
  return (
    <StationScreen station="preview">
      <View className="-mx-4 wide:mx-0">
        <PouredPicture
          id={id}
          plan={plan}
          mostHeight={460}
          label={
            view === 'film'
              ? 'Map of the film, darker is thicker'
              : `How ${plan.title} may turn out`
          }
          instead={under}
          spot={spot}
          onSpot={drill}
        />
      </View>
      {steps.length > 0 ? (
        <TimeLine
          steps={steps}
          at={done}
          computing={at !== undefined && keys.state === 'computing'}
          onAt={setAt}
        />
      ) : null}
      {view === 'film' ? <FilmLegend /> : null}
      {/* As high as it is before there is one: nothing below moves under a finger as the figures come. */}
      <View className="min-h-[45px]">
        {outcome ? <OutcomeVitals outcome={outcome} brief={brief} /> : null}
      </View>
      <Progress id={id} idle="One of many ways it may turn out." />
      {unseen.length > 0 ? <Small>Not in the picture: {unseen.join(', ')}.</Small> : null}
      <View className="flex-row flex-wrap items-end justify-between gap-3">
        <Choice
          label="Show"
          value={view}
          options={[
            { value: 'dry', label: 'Dry' },
            { value: 'satin', label: 'Satin' },
            { value: 'wet', label: 'Wet' },
            { value: 'film', label: 'Film' },
          ]}
          onChange={setView}
        />
        <View className="gap-1">
          <Small>{seed === kept ? `Seed ${seed}, kept` : `Seed ${seed}, kept is ${kept}`}</Small>
          <View className="flex-row gap-2">
            <Button label="Next seed" onPress={() => trySeed(seed + 1)} />
            <Button
              label="Keep"
              disabled={seed === kept}
              onPress={() => edit((p) => edits.setSeed(p, seed))}
            />
          </View>
        </View>
      </View>
      <CoreSection id={id} plan={plan} brief={brief} spot={spot} pours={pours} onSpot={drill} />
      <OutcomeSections outcome={outcome} plan={plan} brief={brief} pours={pours} />
      <View className="flex-row flex-wrap gap-2">
        <Button label="Ways it may turn out" onPress={() => router.push(`/plans/${id}/ways`)} />
        <Button label="Choose by picture" onPress={() => router.push(`/plans/${id}/choose`)} />
      </View>
      <SaveButton id={id} name={`${plan.title}, seed ${seed}.png`} />
      <PrintSection id={id} plan={tried} seed={seed} view={view} />
      <Body>
        Computed from your cups and moves: how the film spreads, runs off and draws the colours out.
        Cells open where heavy paint lies over light, or oil, activator, matt paint, thick metal or
        a high pour gives them reason. Drying through and the hand are not in it.
      </Body>
    </StationScreen>
  );
}
