import { addedAt, type Run } from '@potter/core/journal';
import { type Bare, brief, type Plan, ranOut, strokesBare } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useJars } from '@/data/shelf';
import { useKeyPictures } from '@/picture/use-key-pictures';
import { Choice } from '@/ui/choice';
import { Body, Strong } from '@/ui/type';
import { Mass } from '@/ui/units';
import { Repair } from './repair';

/** What a glance says is bare, as shares of face and edges. */
const SEEN: readonly { readonly label: string; readonly bare: Bare }[] = [
  { label: 'One corner', bare: { face: 0.05, edges: 0.15 } },
  { label: 'Two corners', bare: { face: 0.1, edges: 0.3 } },
  { label: 'A side', bare: { face: 0.15, edges: 0.3 } },
  { label: 'A quarter', bare: { face: 0.25, edges: 0.25 } },
  { label: 'Half', bare: { face: 0.5, edges: 0.5 } },
  { label: 'Only edges', bare: { face: 0, edges: 0.5 } },
];

/** Letters have no corners, but strokes: "stroke 1 of H". */
const seenOn = (plan: Plan): typeof SEEN => {
  const strokes = strokesBare(plan);
  return strokes.length === 0
    ? SEEN
    : [
        ...strokes.map(({ name, bare }) => ({
          label: `Stroke ${name.replace('.', ', ')}`,
          bare,
        })),
        ...SEEN.filter(({ label }) => !/corner|side/.test(label)),
      ];
};

/** "It ran out": what is bare, and how many grams of each colour make it good, now. */
export function RanOut({ run }: { readonly run: Run }) {
  const [seen, setSeen] = useState('0');
  const computed = useMemo(() => brief(run.plan), [run.plan]);
  const jars = useJars();
  const offered = useMemo(() => seenOn(run.plan), [run.plan]);
  const { totalG, colours } = ranOut(run.plan, computed, offered[Number(seen)]!.bare);
  const keys = useKeyPictures(run.plan, addedAt(run));
  const jarG = jars.reduce((sum, j) => sum + j.g, 0);
  return (
    <View
      className="gap-3 border-l-[6px] border-l-ink bg-raised p-3"
      role="region"
      aria-label="Ran out"
    >
      <Choice
        label="What is bare?"
        value={seen}
        options={offered.map(({ label }, i) => ({ value: String(i), label }))}
        onChange={setSeen}
      />
      <Strong>About {trim(totalG, 1)} g more:</Strong>
      {colours.map(({ mix, g, keptG }) => (
        <View key={mix} className="flex-row items-baseline justify-between gap-3">
          <Body className="flex-1">
            {run.plan.mixes.find((m) => m.id === mix)?.name}
            {keptG > 0 ? `, ${trim(keptG, 0)} g kept back` : ''}
          </Body>
          <Mass g={g} fine />
        </View>
      ))}
      <Body>
        What lies in the tray and matches can be dabbed on bare corners unseen
        {jarG > 0 ? `; your jars hold ${trim(jarG, 0)} g` : ''}.
      </Body>
      <Repair run={run} picture={keys.before(run.moves[run.at]!.move)} />
    </View>
  );
}
