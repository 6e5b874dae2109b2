import type { LoadedCup } from '@potter/core/cup';
import { mixNames, edit as edits, pinOffer, withPins } from '@potter/core/plan';
import { chosenTechnique } from '@potter/core/technique';
import { useState } from 'react';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { NumberField } from '@/ui/quantity-field';
import { Body, Small } from '@/ui/type';
import { YesNo } from '@/ui/yes-no';

/** Each round has so much of the one before where they get thinner. */
const THINNER = 0.7;
const MOST_ROUNDS = 12;

/** What is done to a cup's layers as a whole: rounds, a last cover, how the technique begins and ends a cup. */
export function OrderActs({ cup, loaded }: { readonly cup: number; readonly loaded: LoadedCup }) {
  const { plan, edit } = usePlan();
  const [rounds, setRounds] = useState(3);
  const [thinner, setThinner] = useState(true);
  const nameOf = mixNames(plan);
  const offer = pinOffer(plan, cup);
  return (
    <>
      {offer ? (
        <View className="gap-2">
          <Body>{offer.why}</Body>
          <Button
            className="self-start"
            label={
              offer.first === offer.last
                ? `${nameOf(offer.first)} first and last`
                : `${nameOf(offer.first)} first, ${nameOf(offer.last)} last`
            }
            onPress={() => edit((p) => withPins(p, cup, offer))}
          />
        </View>
      ) : (
        <Small className="!text-16">
          It begins and ends as a {chosenTechnique(plan).name.toLowerCase()} often does.
        </Small>
      )}
      <View className="flex-row flex-wrap items-end gap-3">
        <NumberField
          className="min-w-[120px] flex-1"
          label="The palette, rounds"
          whole
          value={rounds}
          min={1}
          max={MOST_ROUNDS}
          onChange={setRounds}
        />
        <YesNo label="Thinner each time" value={thinner} onChange={setThinner} />
      </View>
      <Button
        className="self-start"
        label={rounds === 1 ? 'Load it once round' : `Load it in ${rounds} rounds`}
        onPress={() => edit((p) => edits.inRounds(p, cup, rounds, thinner ? THINNER : 1))}
      />
      <Choice
        label="A last cover over all of it"
        value=""
        options={[...new Set(loaded.layers.map((l) => l.mix))].map((mix) => ({
          value: mix,
          label: nameOf(mix),
        }))}
        onChange={(mix) => edit((p) => edits.coverWith(p, cup, mix))}
      />
    </>
  );
}
