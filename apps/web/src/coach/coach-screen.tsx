import type { Settings } from '@potter/contract';
import { FLOW_CUPS, settled } from '@potter/core/mix';
import {
  edit as edits,
  ownStrength,
  type Plan,
  standing,
  type Thickness,
  thicknessAdvice,
  thicknesses,
} from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { Pressable, Text, View } from 'react-native';
import { useConsistencyName } from '@/mixes/consistency-name';
import { nameIn } from '@/data/name-in';
import { useChangeSettings, useSettings } from '@/data/settings';
import { usePlan } from '@/plan/plan-context';
import { device } from '@/data/device';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { Pick } from '@/ui/pick';
import { QuantityField } from '@/ui/quantity-field';
import { Screen } from '@/ui/screen';
import { Body, Heading, Small, Strong } from '@/ui/type';
import { UndoBar } from '@/ui/undo-bar';
import { localNow, localTime } from '@/ui/local-time';
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
  const stood = standing(plan, localTime(useNow(30_000)), undefined, brief.factors);
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
        {stood.length > 0 ? (
          <Body>
            {stood.map((s) => `${s.name} ${s.minutes} min`).join(', ')}: so long they have stood,
            and mixes thicken on standing. Test them again.
          </Body>
        ) : null}
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
        <Right key={`right ${here.mix}`} thickness={here} />
        <Advice key={`advice ${here.mix}`} mixId={here.mix} />
      </View>
    </Screen>
  );
}

/** The artist's own word on it: it settles this mix, and others of its kind come out alike. */
function Right({ thickness }: { readonly thickness: Thickness }) {
  const { plan, edit } = usePlan();
  const settings = useSettings();
  const changeSettings = useChangeSettings();
  const [before, setBefore] = useState<{ readonly plan: Plan; readonly settings: Settings }>();
  const { mix, name, reckonedPaS } = thickness;
  const others = edits.siblingsOf(plan, mix);
  const settle = () => {
    const next = edits.settleRight(plan, mix, localNow(), reckonedPaS);
    edit(() => next);
    changeSettings({ ...settings, landings: next.landings });
    setBefore({ plan, settings });
  };
  if (before)
    return (
      <UndoBar
        says={`${name} is right as it is${others.length > 0 ? `; ${others.join(', ')} ${others.length === 1 ? 'comes' : 'come'} out alike` : ''}. The next plan reckons with it too.`}
        onUndo={() => {
          edit((p) => {
            const { landings: _, readings: __, ...rest } = p;
            const { landings, readings } = before.plan;
            return {
              ...rest,
              ...(landings ? { landings } : {}),
              ...(readings ? { readings } : {}),
            };
          });
          changeSettings(before.settings);
          setBefore(undefined);
        }}
      />
    );
  return <Button className="min-h-[64px]" label="It is right as it is" onPress={settle} />;
}

function Test({ mixId }: { readonly mixId: string }) {
  const { edit } = usePlan();
  const [way, setWay] = useState('mound');
  // Some drips have been timed already: the stream was even then.
  const { id } = usePlan();
  const [stream, setStream] = useState(() =>
    device.get<number[]>(`coach.${id}.${mixId}`) ? 'even' : 'unasked',
  );
  const [cup, setCup] = useState('iso-4');
  const [seconds, setSeconds] = useState(40);
  const note = (reading: { moundS: number[] } | { flow: { cup: string; s: number } }) =>
    edit((p) => edits.addReading(p, { mix: mixId, on: localNow(), ...reading }));
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
          {stream === 'even' ? (
            <Mound mixId={mixId} onReadings={(moundS) => note({ moundS })} />
          ) : null}
        </>
      ) : (
        <>
          <Pick
            label="Which cup"
            value={cup}
            options={FLOW_CUPS.map((c) => ({ value: c.id, label: c.name }))}
            onChange={setCup}
          />
          <QuantityField
            label="It ran"
            dimension="time"
            unit="s"
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
function Mound({
  mixId,
  onReadings,
}: {
  readonly mixId: string;
  readonly onReadings: (seconds: number[]) => void;
}) {
  const { id } = usePlan();
  // One or two of three are kept too: a battery that dies between them costs no drip.
  const place = `coach.${id}.${mixId}`;
  const [startedAt, setStarted] = useState<number>();
  const [readings, setReadings] = useState<readonly number[]>(
    () => device.get<number[]>(place) ?? [],
  );
  const now = useNow(100);
  const running = startedAt !== undefined;
  const add = (s: number) => {
    const next = [...readings, Number(s.toFixed(1))];
    setStarted(undefined);
    setReadings(next.length < READINGS ? next : []);
    if (next.length < READINGS) return void device.set(place, next);
    device.remove(place);
    onReadings(next);
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
  const { plan, brief, edit } = usePlan();
  const made = plan.made?.find((m) => m.mix === mixId)?.of.reduce((sum, a) => sum + a.g, 0);
  const [typedG, setTyped] = useState<number>();
  const [added, setAdded] = useState<string>();
  const planned = brief.mixes.find((m) => m.id === mixId);
  // What was weighed grows with what is added here.
  const inCupG = typedG ?? Math.max(1, Math.round(made ?? planned?.g ?? 100));
  const advice = thicknessAdvice(plan, brief, mixId, inCupG);
  const strength = ownStrength(plan, brief, mixId);
  const put = (material: string, exactG: number) => {
    const g = Number(exactG.toFixed(1));
    edit((p) =>
      edits.addReading(p, {
        mix: mixId,
        on: localNow(),
        added: { material, g, inCupG },
      }),
    );
    if (typedG !== undefined) setTyped(Number((typedG + g).toFixed(1)));
    setAdded(`${trim(g, 1)} g of ${nameIn(plan)(material)} noted. Stir well, and test again.`);
  };
  return (
    <View className="gap-3">
      <Heading>What to add</Heading>
      <QuantityField
        label="In the cup now"
        dimension="mass"
        unit="g"
        value={inCupG}
        of={{ gPerMl: planned?.densityGPerMl ?? 1 }}
        min={1}
        max={1e5}
        onChange={setTyped}
      />
      <View role="status" className="gap-2 bg-raised p-3">
        {advice.kind === 'right' ? <Strong>Nothing: it is right.</Strong> : null}
        {advice.kind === 'none' ? (
          <Strong>Nothing at hand brings it there: take another medium.</Strong>
        ) : null}
        {advice.kind === 'add' ? (
          <>
            <Strong className="!text-24">
              {trim(advice.g, advice.g < 10 ? 1 : 0)} g of {nameIn(plan)(advice.id)}
            </Strong>
            <Body>A third of it at a time; stir well, and test again after each.</Body>
            {Math.abs(strength - 1) > 0.1 ? (
              <Small>
                {strength > 1
                  ? `This mix answered weakly last time, so this is ${trim(strength, 1)} times what is reckoned.`
                  : `This mix answered strongly last time, so this is ${trim(strength, 1)} of what is reckoned.`}
              </Small>
            ) : null}
          </>
        ) : null}
        {added ? <Body>{added}</Body> : null}
      </View>
      {advice.kind === 'add' && advice.g >= 0.1 ? (
        <View className="flex-row flex-wrap gap-2">
          <Button
            primary
            className="min-h-[64px] flex-1"
            label={`A third is in, ${trim(Math.max(0.1, advice.g / 3), 1)} g`}
            onPress={() => put(advice.id, Math.max(0.1, advice.g / 3))}
          />
          <Button
            className="min-h-[64px] flex-1"
            label={`All is in, ${trim(advice.g, 1)} g`}
            onPress={() => put(advice.id, advice.g)}
          />
        </View>
      ) : null}
    </View>
  );
}
