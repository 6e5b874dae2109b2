import { FLOW_CUPS, settled } from '@potter/core/mix';
import { edit as edits, thicknessAdvice, thicknesses } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { Pressable, Text, View } from 'react-native';
import { useConsistencyName } from '@/mixes/consistency-name';
import { materialName } from '@/mixes/mix-detail';
import { usePlan } from '@/plan/plan-context';
import { dayOf } from '@/plan/studio';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { Pick } from '@/ui/pick';
import { NumberField, QuantityField } from '@/ui/quantity-field';
import { Screen } from '@/ui/screen';
import { Body, Heading, Small, Strong } from '@/ui/type';
import { useNow } from '@/ui/use-now';
import { ThicknessStrip } from './thickness-strip';

/** Readings that make one: hands differ from drip to drip. */
const READINGS = 3;
/** Readings further apart than this share of their middle say little. */
const APART = 0.5;

/** A guided test of how thick a mix is, and what to add to what is in the cup. */
export function CoachScreen() {
  const { id, plan, brief } = usePlan();
  const router = useRouter();
  const nameOf = useConsistencyName();
  const [mixId, setMix] = useState(plan.mixes[0]?.id ?? '');
  const all = thicknesses(plan, brief);
  const here = all.find((t) => t.mix === mixId) ?? all[0];
  const odd = all.filter((t) => t.odd);
  if (!here) return null;
  return (
    <Screen
      title="How thick is it?"
      acts={<Button label="Back" onPress={() => router.replace(`/plans/${id}/mixes`)} />}
    >
      <View className="gap-4 wide:max-w-[720px]">
        <ThicknessStrip of={all} />
        <Small>
          Filled: as you found it. A ring: as reckoned.
          {odd.length > 0
            ? ` ${odd.map((t) => t.name).join(' and ')} ${odd.length === 1 ? 'stands' : 'stand'} apart from the others.`
            : ''}
        </Small>
        <Pick
          label="Mix"
          value={here.mix}
          options={all.map((t) => ({ value: t.mix, label: t.name }))}
          onChange={setMix}
        />
        <Test key={here.mix} mixId={here.mix} />
        <Body>
          {here.name} {here.read ? 'is' : 'should be'}{' '}
          <Body className="font-bold">{nameOf(here.step)}</Body>; the plan wants{' '}
          {nameOf(here.wanted)}.
        </Body>
        <Advice key={`advice ${here.mix}`} mixId={here.mix} />
      </View>
    </Screen>
  );
}

function Test({ mixId }: { readonly mixId: string }) {
  const { edit } = usePlan();
  const [way, setWay] = useState('mound');
  const [stream, setStream] = useState('unasked');
  const [cup, setCup] = useState('iso-4');
  const [seconds, setSeconds] = useState(40);
  const note = (reading: { moundS: number[] } | { flow: { cup: string; s: number } }) =>
    edit((p) => edits.addReading(p, { mix: mixId, on: dayOf(new Date()), ...reading }));
  const flowCup = FLOW_CUPS.find((c) => c.id === cup);
  return (
    <>
      <Choice
        label="Test with"
        value={way}
        options={[
          { value: 'mound', label: 'A drip from the stick' },
          { value: 'cup', label: 'A flow cup' },
        ]}
        onChange={setWay}
      />
      {way === 'mound' ? (
        <>
          <Choice
            label="Lift the stick: how does it run?"
            value={stream}
            options={[
              { value: 'even', label: 'An even stream' },
              { value: 'uneven', label: 'Thin, thick, thin' },
            ]}
            onChange={setStream}
          />
          {stream === 'uneven' ? (
            <Strong>It is not mixed enough: stir on, then lift the stick again.</Strong>
          ) : null}
          {stream === 'even' ? <Mound onReadings={(moundS) => note({ moundS })} /> : null}
        </>
      ) : (
        <>
          <Pick
            label="Which cup"
            value={cup}
            options={FLOW_CUPS.map((c) => ({ value: c.id, label: c.name }))}
            onChange={setCup}
          />
          <NumberField
            label="It ran, seconds"
            value={seconds}
            min={1}
            max={1000}
            onChange={setSeconds}
          />
          {flowCup && (seconds < flowCup.fromS || seconds > flowCup.toS) ? (
            <Small>
              This cup tells well between {flowCup.fromS} and {flowCup.toS} s; take one with a{' '}
              {seconds < flowCup.fromS ? 'smaller' : 'larger'} hole.
            </Small>
          ) : null}
          <Button
            className="min-h-[64px]"
            label="Note it"
            onPress={() => note({ flow: { cup, s: seconds } })}
          />
        </>
      )}
    </>
  );
}

/** Drip, then press when the mound has closed: three times, the middle one counts. */
function Mound({ onReadings }: { readonly onReadings: (seconds: number[]) => void }) {
  const [startedAt, setStarted] = useState<number>();
  const [readings, setReadings] = useState<readonly number[]>([]);
  const now = useNow(100);
  const running = startedAt !== undefined;
  const add = (s: number) => {
    const next = [...readings, Number(s.toFixed(1))];
    setStarted(undefined);
    setReadings(next.length < READINGS ? next : []);
    if (next.length >= READINGS) onReadings(next);
  };
  const { median, spread } = settled(readings);
  return (
    <View className="gap-2">
      <Pressable
        role="button"
        aria-label={running ? 'The mound has closed' : 'It dripped'}
        onPress={() => (running ? add((Date.now() - startedAt) / 1000) : setStarted(Date.now()))}
        className="h-[160px] items-center justify-center gap-2 bg-rail px-4"
      >
        <Text
          className="font-display text-34 text-railink"
          style={{ fontVariant: ['tabular-nums'] }}
        >
          {running ? `${trim(Math.max(0, (now - startedAt) / 1000), 1)} s` : 'It dripped'}
        </Text>
        <Text className="font-body text-16 text-railink">
          {running ? 'press when the mound has closed' : 'press as the drip lands'}
        </Text>
      </Pressable>
      <View className="flex-row items-center justify-between gap-3">
        <Body className="flex-1">
          {readings.length === 0
            ? `${READINGS} readings; the middle one counts.`
            : `${readings.map((r) => `${trim(r, 1)} s`).join(', ')}; ${READINGS - readings.length} more.`}
          {readings.length > 1 && median > 0 && spread > median * APART
            ? ' They lie far apart: stir, and drip from the same height.'
            : ''}
        </Body>
        <Button label="No mound at all" onPress={() => add(0)} />
      </View>
    </View>
  );
}

function Advice({ mixId }: { readonly mixId: string }) {
  const { plan, brief } = usePlan();
  const made = brief.mixes.find((m) => m.id === mixId);
  const [inCupG, setInCup] = useState(Math.max(1, Math.round(made?.g ?? 100)));
  const advice = thicknessAdvice(plan, brief, mixId, inCupG);
  const name =
    advice.kind === 'add'
      ? (plan.paints.find((p) => p.id === advice.id)?.name ??
        materialName(advice.id, plan.mediums ?? []))
      : '';
  return (
    <View className="gap-3">
      <Heading>What to add</Heading>
      <QuantityField
        label="In the cup now"
        dimension="mass"
        unit="g"
        value={inCupG}
        min={1}
        max={1e5}
        onChange={setInCup}
      />
      <View role="status" className="bg-raised p-3">
        {advice.kind === 'right' ? <Strong>Nothing: it is right.</Strong> : null}
        {advice.kind === 'none' ? (
          <Strong>Nothing at hand brings it there: take another medium.</Strong>
        ) : null}
        {advice.kind === 'add' ? (
          <>
            <Strong className="!text-24">
              {trim(advice.g, advice.g < 10 ? 1 : 0)} g of {name}
            </Strong>
            <Body>A third of it at a time; stir well, and test again after each.</Body>
          </>
        ) : null}
      </View>
    </View>
  );
}
