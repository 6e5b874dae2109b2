import { type Added, addOn, type Run, withoutAdded } from '@potter/core/journal';
import { mixNames } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { useState } from 'react';
import { View } from 'react-native';
import { putRun } from '@/data/runs';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { NumberField } from '@/ui/quantity-field';
import { Body } from '@/ui/type';
import { runClock } from './run-clock';

/** "Something went on beside the plan": which mix, how much, out of which pot. It is off the shelf with the rest where it was mixed for this. */
export function SomethingAdded({ run }: { readonly run: Run }) {
  const { mixes } = run.plan;
  const [mix, setMix] = useState(mixes[0]?.id ?? '');
  const [g, setG] = useState(10);
  const [from, setFrom] = useState<'left' | 'anew'>('left');
  const add = () =>
    putRun(
      addOn(run, run.at, {
        mix,
        g,
        at: Math.round(runClock.now()),
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
      <Button primary label={`It went on: ${trim(g, 1)} g`} disabled={mix === ''} onPress={add} />
      <AddedList run={run} at={run.at} />
    </View>
  );
}

/** What went on at a move beside the plan; each can be taken out again. */
export function AddedList({ run, at }: { readonly run: Run; readonly at: number }) {
  const added = run.moves[at]?.added ?? [];
  const nameOf = mixNames(run.plan);
  const says = ({ mix, g, anew }: Added) =>
    `${trim(g, 1)} g of ${nameOf(mix)}${anew ? ', mixed for it' : ''}`;
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
