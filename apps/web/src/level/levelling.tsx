import {
  cupsUnder,
  driftMm,
  LEVEL_MM_PER_M,
  raises,
  type Slope,
  slopeOfBoth,
  slopeUnder,
  steepness,
} from '@potter/core/level';
import { mixNames } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { shapeOf } from '@potter/core/surface';
import { useState, useSyncExternalStore } from 'react';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { Button } from '@/ui/button';
import { Body, Figure, Heading, Small, Strong } from '@/ui/type';
import { LEAST_MM, LevelDrawing } from './level-drawing';
import type { TiltSource } from './tilt-source';

/** As long as paint is watched on a board, min. */
const WATCHED_MIN = 60;

/** What the source tells, and what to do about it. */
export function Levelling({ make }: { readonly make: () => TiltSource }) {
  const { plan, brief } = usePlan();
  const [source] = useState(make);
  const told = useSyncExternalStore(source.subscribe, source.read);
  const [refused, setRefused] = useState(false);
  /** What the phone told before it was turned half round. */
  const [first, setFirst] = useState<Slope>();
  /** What the phone itself is out, once it was turned. */
  const [out, setOut] = useState<Slope>();
  const ask = source.ask;
  if (!told)
    return (
      <View className="gap-3">
        <Body>
          {refused
            ? 'This browser may not tell how the phone lies. Let it in the browser’s settings for this page, or use a spirit level.'
            : 'Nothing has come from the phone’s sensor yet.'}
        </Body>
        {ask ? (
          <Button
            className="self-start"
            label="Read the phone"
            onPress={() => void ask().then((may) => setRefused(!may))}
          />
        ) : null}
      </View>
    );
  const read = slopeUnder(told);
  const slope = out ? { right: read.right - out.right, far: read.far - out.far } : read;
  const { widthMm, heightMm } = shapeOf(plan.surface.shape).bounds(plan.surface.shape);
  const supports = cupsUnder(widthMm, heightMm);
  const under = raises(slope, supports);
  const wanted = under.filter(({ mm }) => mm >= LEAST_MM);
  const steep = steepness(slope);
  const level = steep <= LEVEL_MM_PER_M;
  const thinnest = [...brief.mixes].sort((a, b) => a.viscosityPaS - b.viscosityPaS)[0];
  const creepsMm =
    thinnest &&
    driftMm(
      {
        mmPerM: steep,
        filmMm: brief.stays.onFaceMm,
        viscosityPaS: thinnest.viscosityPaS,
        densityGPerMl: thinnest.densityGPerMl,
        setsAfterMin: brief.factors['sets-after'],
        standsFromPaS: brief.factors['stands-from'],
        standsByPa: brief.factors['stands-by'],
      },
      WATCHED_MIN,
    );
  return (
    <View className="gap-4">
      {first ? (
        <Strong>Now turn the phone half round, and lay it on the same place.</Strong>
      ) : (
        <>
          <LevelDrawing {...{ slope, supports, raises: under, widthMm, heightMm, level }} />
          <View role="status" className="gap-1">
            <Figure figure={trim(steep, 1)} unit="mm a metre" />
            <Strong>
              {level
                ? 'Level: paint stays where it is.'
                : wanted.length === 0
                  ? 'No support wants as much as a sheet of card: on a piece so small it may stay.'
                  : `Put under it: ${wanted
                      .map(({ support, mm }) => `${support} ${trim(mm, 1)} mm`)
                      .join(', ')}.`}
            </Strong>
            {thinnest && creepsMm !== undefined && !level ? (
              <Body>
                Left so, {mixNames(plan)(thinnest.id)} creeps{' '}
                {trim(creepsMm, creepsMm < 10 ? 1 : 0)} mm down to the{' '}
                {slope.far > 0 ? 'near' : 'far'} {slope.right > 0 ? 'left' : 'right'} before it
                sets.
              </Body>
            ) : null}
          </View>
        </>
      )}
      <Heading>A phone is out itself</Heading>
      <Body>
        Its case and its camera stand up. Read it, turn it half round where it lies, read it again:
        what it is out falls away.
      </Body>
      <View className="flex-row flex-wrap gap-2">
        {first ? (
          <Button
            label="Turned: read it again"
            onPress={() => {
              const board = slopeOfBoth(first, read);
              // As it lies now, with its top to the near edge, the board leans the other way for it.
              setOut({ right: read.right + board.right, far: read.far + board.far });
              setFirst(undefined);
              source.turn?.(false);
            }}
          />
        ) : (
          <Button
            label={out ? 'Read it anew' : 'Read it once'}
            onPress={() => {
              setOut(undefined);
              setFirst(read);
              source.turn?.(true);
            }}
          />
        )}
        {source.levelled ? <Button label="I have put it under" onPress={source.levelled} /> : null}
      </View>
      {out ? (
        <Small>
          This phone was out by {trim(steepness(out), 1)} mm a metre. Lay it with its top to the far
          edge again.
        </Small>
      ) : null}
    </View>
  );
}
