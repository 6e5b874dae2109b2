import { type Added, addedAt, addOn, type Run, withoutAdded } from '@potter/core/journal';
import { mixNames } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { placeWords } from '@potter/core/verb';
import { shapeOf } from '@potter/core/surface';
import { useState } from 'react';
import { View } from 'react-native';
import { putRun } from '@/data/runs';
import { useKeyPictures } from '@/picture/use-key-pictures';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { NumberField } from '@/ui/quantity-field';
import { Body } from '@/ui/type';
import { PlaceOnPiece } from './on-piece';
import { runClock } from './run-clock';

/** "Something went on beside the plan": which mix, how much, out of which pot. It is off the shelf with the rest where it was mixed for this. */
export function SomethingAdded({ run }: { readonly run: Run }) {
  const { mixes, surface } = run.plan;
  const keys = useKeyPictures(run.plan, addedAt(run));
  const [at, setAt] = useState<[number, number]>();
  const [mix, setMix] = useState(mixes[0]?.id ?? '');
  const [g, setG] = useState(10);
  const [from, setFrom] = useState<'left' | 'anew'>('left');
  const add = () =>
    putRun(
      addOn(run, run.at, {
        mix,
        g,
        at: Math.round(runClock.now()),
        ...(at ? { atMm: at } : {}),
        ...(from === 'anew' ? { anew: true } : {}),
      }),
    );
  return (
    <View
      className="gap-3 border-l-[6px] border-l-ink bg-raised p-3"
      role="region"
      aria-label="Something added"
    >
      <Choice
        label="Which colour?"
        value={mix}
        options={mixes.map(({ id, name }) => ({ value: id, label: name }))}
        onChange={setMix}
      />
      <NumberField label="How much, g" value={g} min={0.1} max={20_000} onChange={setG} />
      <Choice
        label="Out of"
        value={from}
        options={[
          { value: 'left', label: 'what was left' },
          { value: 'anew', label: 'a new pot' },
        ]}
        onChange={setFrom}
      />
      <Body>Where? Pressed on the piece, it is in its pictures from here on.</Body>
      <PlaceOnPiece
        surface={surface}
        face={shapeOf(surface.shape).bounds(surface.shape)}
        picture={keys.before(run.moves[run.at]!.move)}
        at={at}
        onPlace={setAt}
      />
      <Button primary label={`It went on: ${trim(g, 1)} g`} disabled={mix === ''} onPress={add} />
      <AddedList run={run} at={run.at} />
    </View>
  );
}

/** What went on at a move beside the plan; each can be taken out again. */
export function AddedList({ run, at }: { readonly run: Run; readonly at: number }) {
  const added = run.moves[at]?.added ?? [];
  const nameOf = mixNames(run.plan);
  const { widthMm, heightMm } = shapeOf(run.plan.surface.shape).bounds(run.plan.surface.shape);
  const says = ({ mix, g, anew, atMm }: Added) =>
    `${trim(g, 1)} g of ${nameOf(mix)}${anew ? ', mixed for it' : ''}${atMm ? `, ${placeWords(atMm, widthMm, heightMm)}` : ''}`;
  if (added.length === 0) return null;
  return (
    <View role="list" aria-label="Added here">
      {added.map((one, i) => (
        <View
          role="listitem"
          key={one.at}
          className="min-h-[52px] flex-row items-center gap-3 border-b border-rule"
        >
          <Body className="flex-1">{says(one)}</Body>
          <Button
            label="Take out"
            name={`Take out ${says(one)}`}
            onPress={() => putRun(withoutAdded(run, at, i))}
          />
        </View>
      ))}
    </View>
  );
}
