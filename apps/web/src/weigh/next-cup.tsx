import { fillsOf } from '@potter/core/mix';
import type { ToWeigh } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import type { Vessel } from '@potter/core/vessel';
import { ScrollView, View } from 'react-native';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { Body, Title } from '@/ui/type';
import { hasBluetooth } from '@/data/over-air';
import { FindScale } from '@/scale/find-scale';
import { BigAct } from './large';
import { MixedIn } from './mixed-in';
import type { Adding, Way, Ways } from '@/scale/ways';

interface Props {
  readonly batch: ToWeigh;
  readonly ways: Ways;
  /** The vessel, where that is not the artist's to choose. */
  readonly vessel: Vessel | undefined;
  readonly onWays: (change: Partial<Ways>) => void;
  readonly onGo: () => void;
  readonly onUndo: (() => void) | undefined;
  /** Where the marks of this cup can be printed. */
  readonly onStrip: (() => void) | undefined;
}

/** Between two cups: which is next, and how it is measured. */
export function NextCup({ batch, ways, vessel: own, onWays, onGo, onUndo, onStrip }: Props) {
  const { way, adding } = ways;
  const vessel = own ?? ways.vessel;
  const counted = batch.steps.filter((s) => s.drops === undefined);
  const wholeG = counted.reduce((sum, s) => sum + s.g, 0);
  const wholeMl = counted.reduce((sum, s) => sum + s.ml, 0);
  const fills = own ? 1 : fillsOf(vessel, wholeMl);
  const eye = way === 'eye';
  return (
    <>
      <ScrollView className="flex-1" contentContainerClassName="gap-4 px-4 pb-4">
        <Title className="!text-34 !leading-[38px]">{batch.name}</Title>
        <Body className="!text-20">
          {batch.kind === 'medium' ? 'A medium first, for all mixes that take it. ' : ''}
          {batch.kind === 'cup'
            ? batch.steps.length === 1
              ? 'One layer'
              : `${batch.steps.length} layers`
            : batch.steps.length === 1
              ? 'One ingredient'
              : `${batch.steps.length} ingredients`}
          , {eye ? `${trim(wholeMl, 0)} mL` : `${trim(wholeG, 1)} g`}.
          {eye && fills > 1 ? ` That fills ${fills} of these cups: do the same in each.` : ''}
        </Body>
        <Choice<Way>
          label="Measured"
          value={way}
          options={[
            { value: 'typed', label: 'Scale, I type' },
            ...(hasBluetooth() ? [{ value: 'air', label: 'Scale, over the air' } as const] : []),
            { value: 'eye', label: 'By eye, cup marks' },
            { value: 'grams', label: 'Practice scale, 1 g' },
            { value: 'tenths', label: 'Practice scale, 0.1 g' },
          ]}
          onChange={(next) => onWays({ way: next })}
        />
        {way === 'air' ? <FindScale /> : null}
        {eye ? (
          <>
            {own ? (
              <Body>In a {own.name ?? 'cup of its own'}.</Body>
            ) : (
              <MixedIn vessel={vessel} onChange={(cup) => onWays({ vessel: cup })} />
            )}
            {onStrip ? (
              <Button
                className="self-start"
                label="Print strips with the marks"
                onPress={onStrip}
              />
            ) : null}
          </>
        ) : (
          <Choice<Adding>
            label="Between two ingredients"
            value={adding}
            options={[
              { value: 'tare', label: 'Tare to nothing' },
              { value: 'sum', label: 'Let it add up' },
            ]}
            onChange={(next) => onWays({ adding: next })}
          />
        )}
        {onUndo ? (
          <View className="flex-row">
            <Button label="Back to the last one" onPress={onUndo} />
          </View>
        ) : null}
      </ScrollView>
      {eye ? (
        <BigAct
          label={fills > 1 ? `${fills} cups stand ready` : 'The cup stands ready'}
          says="empty, on level ground"
          onPress={onGo}
        />
      ) : (
        <BigAct label="The cup is on" says="and the scale reads nothing" onPress={onGo} />
      )}
    </>
  );
}
