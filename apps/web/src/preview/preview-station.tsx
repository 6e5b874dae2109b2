import type { SpotLayer } from '@potter/core/flow';
import { stageSteps } from '@potter/core/journal';
import { edit as edits, notPictured } from '@potter/core/plan';
import { stagesOf } from '@potter/core/schedule';
import { shapeOf } from '@potter/core/surface';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { StationScreen } from '@/plan/station-screen';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { useMat } from '@/ui/mat';
import { PlaceFields } from '@/ui/place-fields';
import { Body, Heading, Small } from '@/ui/type';
import { Cells } from '@/picture/cells';
import { FilmFigures, OutcomeVitals, Shows } from '@/picture/figures';
import { FilmLegend } from '@/picture/film-legend';
import { Picture } from '@/picture/picture';
import { pourHost } from '@/picture/pour-host';
import { Progress } from '@/picture/progress';
import { Reading } from '@/picture/reading';
import { savePicture } from '@/picture/save-picture';
import { SpotCore } from '@/picture/spot-core';
import { useKeyPictures } from '@/picture/use-key-pictures';
import { usePouring } from '@/picture/use-pour';
import { RangeSection } from '@/ways/range-section';
import { PrintSection } from './print-section';
import { TimeLine } from './time-line';

interface Spot {
  readonly at: readonly [number, number];
  /** What was drilled it was drilled in. */
  readonly of: unknown;
  /** A core of each pour, the last first; none while it is drilled. */
  readonly cores?: readonly (readonly SpotLayer[])[];
}

/** The picture computed from cups and moves, and what it says of the plan. */
export function PreviewStation() {
  const { id, plan, brief, edit, outcome, seed, trySeed, view, setView } = usePlan();
  const mat = useMat();
  const router = useRouter();
  const [spot, setSpot] = useState<Spot>();
  const { widthMm, heightMm } = shapeOf(plan.surface.shape).bounds(plan.surface.shape);
  const pour = usePouring(id);
  const { picture } = pour;
  const drill = (xMm: number, yMm: number) => {
    const of = pour.of;
    if (!of) return;
    // What was had before has to be poured first: where it is to be drilled is seen at once.
    setSpot({ at: [xMm, yMm], of });
    void pourHost.drill(xMm, yMm).then((cores) => setSpot({ at: [xMm, yMm], of, cores }));
  };
  // A core of another pour says nothing about this one.
  const drilled = spot && spot.of === pour.of ? spot : undefined;
  const [x, y] = drilled?.at ?? [widthMm / 2, heightMm / 2];
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
        <Picture
          picture={picture}
          widthMm={widthMm}
          heightMm={heightMm}
          mat={mat}
          mostHeight={460}
          instead={under}
          label={
            view === 'film'
              ? 'Map of the film, darker is thicker'
              : `How ${plan.title} may turn out`
          }
          {...(drilled ? { spot: drilled.at } : {})}
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
      <Progress pouring={pour} idle="One of many ways it may turn out." />
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
      <View className="gap-2">
        <Heading>A core of a spot</Heading>
        <Small>Tap the picture, or say where.</Small>
        <PlaceFields at={[x, y]} widthMm={widthMm} heightMm={heightMm} onPlace={drill} />
        <View aria-live="polite">
          {drilled && !drilled.cores && pour.doing ? (
            <Body>The core comes once it is poured.</Body>
          ) : null}
          {drilled?.cores?.map((layers, n, { length }) => (
            <SpotCore
              key={n}
              layers={layers}
              plan={plan}
              brief={brief}
              pour={length > 1 ? pours[length - 1 - n] : undefined}
            />
          ))}
        </View>
      </View>
      {outcome ? <RangeSection /> : null}
      {outcome ? <Shows outcome={outcome} plan={plan} brief={brief} /> : null}
      {outcome?.read ? <Reading read={outcome.read} /> : null}
      {outcome?.cells ? <Cells cells={outcome.cells} /> : null}
      {outcome ? <FilmFigures outcome={outcome} brief={brief} /> : null}
      {outcome?.later?.map((later, n) => (
        <View key={later.stage} className="gap-3" role="group" aria-label={pours[n + 1]}>
          <Heading>{pours[n + 1]}, on what has dried</Heading>
          <OutcomeVitals outcome={later} brief={brief} onDried />
          {later.cells ? <Cells cells={later.cells} /> : null}
          <FilmFigures outcome={later} brief={brief} />
        </View>
      ))}
      <View className="flex-row flex-wrap gap-2">
        <Button label="Ways it may turn out" onPress={() => router.push(`/plans/${id}/ways`)} />
        <Button label="Choose by picture" onPress={() => router.push(`/plans/${id}/choose`)} />
      </View>
      <Button
        className="self-start"
        label="Save the picture"
        disabled={!picture}
        onPress={() => picture && void savePicture(`${plan.title}, seed ${seed}.png`, picture)}
      />
      <PrintSection id={id} plan={tried} seed={seed} view={view} />
      <Body>
        Computed from your cups and moves: how the film spreads, runs off and draws the colours out.
        Cells open where heavy paint lies over light, or oil, activator, matt paint, thick metal or
        a high pour gives them reason. Drying through and the hand are not in it.
      </Body>
    </StationScreen>
  );
}
