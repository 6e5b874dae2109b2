import { isOver, nextLine, rescued, taken, weighedG, type WeighLine } from '@potter/core/mix';
import { edit as edits, type ToWeigh, weighingOrder } from '@potter/core/plan';
import { parseNumber, trim } from '@potter/core/quantity';
import { type Reading, SCALES } from '@potter/core/scale';
import { useRouter } from 'expo-router';
import ArrowLeft from 'lucide-react-native/icons/arrow-left';
import { useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import { Pressable, ScrollView, Text, View } from 'react-native';
import { device } from '@/data/device';
import { materialName } from '@/mixes/mix-detail';
import { usePlan } from '@/plan/plan-context';
import { dayOf } from '@/plan/studio';
import { useWakeLock } from '@/run/wake-lock';
import { Button, IconButton } from '@/ui/button';
import { Chip } from '@/ui/chip';
import { Choice } from '@/ui/choice';
import { TableButton } from '@/ui/table-button';
import { TextField } from '@/ui/text-field';
import { Body, Heading, Small, Strong, Title } from '@/ui/type';
import { type SimulatedScale, simulatedScale } from './scale-source';
import { type Palette, rescue, START, take, undo, weighingOf } from './weigh-state';

type Way = 'typed' | 'grams' | 'tenths';
/** Between two additions the scale is tared, or it adds up. */
type Adding = 'tare' | 'sum';

/** One ingredient after another, the amount still to go and the scale's reading the largest things there are. */
export function WeighScreen() {
  const { id, plan, brief, edit } = usePlan();
  const router = useRouter();
  const batches = useMemo(() => weighingOrder(plan, brief), [plan, brief]);
  const place = `weigh.${id}`;
  const [palette, setPalette] = useState<Palette>(() => device.get<Palette>(place) ?? START);
  const [way, setWay] = useState<Way>(() => device.get<Way>('weigh.way') ?? 'typed');
  const [adding, setAdding] = useState<Adding>(() => device.get<Adding>('weigh.adding') ?? 'tare');
  useWakeLock(true);
  const keep = (next: Palette) => {
    device.set(place, next);
    setPalette(next);
    const done = batches[next.at - 1];
    // What really went in is kept with the plan once a mix is whole.
    if (next.at > palette.at && done?.kind === 'mix') {
      const of = weighingOf(next, done).lines.map((l) => ({
        material: l.material,
        g: l.actualG ?? 0,
      }));
      edit((p) => edits.setMade(p, { mix: done.id, on: dayOf(new Date()), of }));
    }
  };
  const batch = batches[palette.at];
  const choose = (next: Way) => {
    device.set('weigh.way', next);
    setWay(next);
  };
  return (
    <View role="main" className="flex-1 bg-surround pb-[34px]">
      <View className="h-[64px] flex-row items-center gap-1 pl-1 pr-3">
        <IconButton
          icon={ArrowLeft}
          label="Leave the weighing, it is kept"
          onPress={() => router.replace(`/plans/${id}/mixes`)}
        />
        <Small className="flex-1 !text-16" lines={1}>
          {plan.title}
        </Small>
        <Strong>{batch ? `${palette.at + 1} of ${batches.length}` : 'all weighed'}</Strong>
      </View>
      {batch && palette.waiting ? (
        <NextCup
          batch={batch}
          way={way}
          onWay={choose}
          adding={adding}
          onAdding={(next) => {
            device.set('weigh.adding', next);
            setAdding(next);
          }}
          onGo={() => keep({ ...palette, waiting: false })}
          onUndo={palette.at > 0 ? () => keep(undo(palette, batches)) : undefined}
        />
      ) : null}
      {batch && !palette.waiting ? (
        <OnTheScale
          key={`${batch.id} ${way}`}
          batch={batch}
          palette={palette}
          way={way}
          adding={adding}
          keep={keep}
          onUndo={() => keep(undo(palette, batches))}
        />
      ) : null}
      {batch ? null : (
        <ScrollView contentContainerClassName="gap-4 p-4">
          <Title className="!text-34 !leading-[38px]">All weighed</Title>
          <Body>
            What really went in is kept with the plan, and a pour draws that from the shelf.
          </Body>
          {batches.map((b) => (
            <View
              key={`${b.kind} ${b.id}`}
              className="flex-row items-baseline justify-between border-b border-rule py-2"
            >
              <Body className="flex-1">{b.name}</Body>
              <Strong>{trim(weighedG(weighingOf(palette, b)), 1)} g</Strong>
            </View>
          ))}
          <View className="flex-row flex-wrap gap-2">
            <Button
              primary
              label="To the cups"
              onPress={() => router.replace(`/plans/${id}/cups`)}
            />
            <Button label="Back to the last one" onPress={() => keep(undo(palette, batches))} />
            <Button label="Weigh anew" onPress={() => keep(START)} />
          </View>
        </ScrollView>
      )}
    </View>
  );
}

/** Between two cups: which is next, and what the reading comes from. */
function NextCup({
  batch,
  way,
  onWay,
  adding,
  onAdding,
  onGo,
  onUndo,
}: {
  readonly batch: ToWeigh;
  readonly way: Way;
  readonly onWay: (way: Way) => void;
  readonly adding: Adding;
  readonly onAdding: (adding: Adding) => void;
  readonly onGo: () => void;
  readonly onUndo: (() => void) | undefined;
}) {
  const whole = batch.steps.reduce((sum, s) => sum + (s.drops === undefined ? s.g : 0), 0);
  return (
    <>
      <ScrollView className="flex-1" contentContainerClassName="gap-4 px-4">
        <Title className="!text-34 !leading-[38px]">{batch.name}</Title>
        <Body className="!text-20">
          {batch.kind === 'medium' ? 'A medium first, for all mixes that take it. ' : ''}Put an
          empty cup on the scale: {batch.steps.length} ingredients, {trim(whole, 1)} g.
        </Body>
        <Choice<Way>
          label="The reading comes from"
          value={way}
          options={[
            { value: 'typed', label: 'What I type' },
            { value: 'grams', label: 'Practice scale, 1 g' },
            { value: 'tenths', label: 'Practice scale, 0.1 g' },
          ]}
          onChange={onWay}
        />
        <Choice<Adding>
          label="Between two ingredients"
          value={adding}
          options={[
            { value: 'tare', label: 'Tare to nothing' },
            { value: 'sum', label: 'Let it add up' },
          ]}
          onChange={onAdding}
        />
        {onUndo ? (
          <Button className="self-start" label="Back to the last one" onPress={onUndo} />
        ) : null}
      </ScrollView>
      <BigAct label="The cup is on" says="and the scale reads nothing" onPress={onGo} />
    </>
  );
}

const NOTHING: Reading = { kind: 'weight', g: 0, steady: false };
const noSource = { subscribe: () => () => undefined, read: () => NOTHING };

function OnTheScale({
  batch,
  palette,
  way,
  adding,
  keep,
  onUndo,
}: {
  readonly batch: ToWeigh;
  readonly palette: Palette;
  readonly way: Way;
  readonly adding: Adding;
  readonly keep: (palette: Palette) => void;
  readonly onUndo: () => void;
}) {
  const { plan, brief } = usePlan();
  const weighing = weighingOf(palette, batch);
  // What the scale shows before this ingredient, where it adds up.
  const baseG = adding === 'sum' ? weighedG(weighing) : 0;
  const [scale] = useState<SimulatedScale | undefined>(() =>
    way === 'typed' ? undefined : simulatedScale(SCALES[way], plan.seed, baseG),
  );
  const source = scale ?? noSource;
  const reading = useSyncExternalStore(source.subscribe, source.read);
  const [typed, setTyped] = useState<number>();
  const at = nextLine(weighing);
  const line = weighing.lines[at] as WeighLine;
  const stepG = scale?.stepG ?? plan.budget.stepG;
  const mediums = plan.mediums ?? [];
  const nameOf = (id: string) =>
    plan.paints.find((p) => p.id === id)?.name ?? materialName(id, mediums);
  const mix = brief.mixes.find((m) => m.id === batch.id);
  const shownG = scale ? (reading.kind === 'weight' ? reading.g : undefined) : typed;
  const g = shownG === undefined ? undefined : Number((shownG - baseG).toFixed(3));
  const steady = scale ? reading.kind === 'weight' && reading.steady : typed !== undefined;
  const over = g !== undefined && isOver(line, g, stepG);
  const there =
    g !== undefined &&
    !over &&
    line.drops === undefined &&
    line.targetG - g <= tolerance(line, stepG);

  const enter = (next: Palette) => {
    setTyped(undefined);
    if (adding === 'tare') scale?.tare();
    keep(next);
  };
  // Steady and right: it goes on by itself.
  const goesOn = scale !== undefined && steady && there && (g ?? 0) > 0;
  useEffect(() => {
    if (!goesOn || g === undefined) return;
    const timer = setTimeout(() => enter(take(palette, batch, g)), 500);
    return () => clearTimeout(timer);
    // Only a change of what stands on the scale begins the wait anew.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [goesOn, g, at]);

  const toGo = line.targetG - (g ?? 0);
  const saved = g === undefined ? undefined : rescued(taken(weighing, g), stepG);
  return (
    <>
      <ScrollView className="flex-1" contentContainerClassName="gap-2 px-4 pb-3">
        <View className="flex-row items-center gap-3">
          {mix ? (
            <Chip size={40} overWhite={mix.hexOverWhite} overBlack={mix.hexOverBlack} />
          ) : null}
          <Small className="flex-1 !text-16">{batch.name}</Small>
          <Small className="!text-16">
            {at + 1} of {weighing.lines.length}
          </Small>
        </View>
        <Title className="!text-34 !leading-[38px]">
          {line.more ? 'More ' : ''}
          {nameOf(line.material)}
        </Title>
        {line.drops !== undefined ? (
          <View className="flex-row items-baseline gap-3">
            <Large text={String(line.drops)} />
            <Text className="font-bold text-24 text-ink">
              {line.drops === 1 ? 'drop, last' : 'drops, last'}
            </Text>
          </View>
        ) : (
          <>
            <View role="status" aria-label={`${trim(toGo, 1)} g to go`}>
              <View className="flex-row items-baseline gap-3">
                <Large text={trim(Math.abs(toGo), 1)} />
                <Text className="font-bold text-24 text-ink">
                  {toGo >= 0 ? 'g to go' : 'g too much'}
                </Text>
              </View>
            </View>
            <Text className="font-bold text-24 text-ink" style={{ fontVariant: ['tabular-nums'] }}>
              {scale
                ? reading.kind === 'weight'
                  ? `reads ${trim(reading.g, 1)} g${steady ? ', steady' : ''}`
                  : reading.kind === 'overload'
                    ? 'overload: take something off'
                    : 'the scale is off: press tare'
                : `the scale should read ${trim(baseG + line.targetG, 1)} g`}
            </Text>
            {scale ? <Small>until it reads {trim(baseG + line.targetG, 1)} g</Small> : null}
          </>
        )}
        {!scale && line.drops === undefined ? (
          <TextField
            label="The scale reads, g"
            keys="decimal"
            shown={typed === undefined ? '' : trim(typed, 1)}
            read={(text) => {
              const read = parseNumber(text);
              return read.ok && read.value < 0 ? { ok: false, fault: 'Not below 0 g.' } : read;
            }}
            onChange={setTyped}
          />
        ) : null}
        {over && steady && saved ? (
          <View className="gap-2 border-l-[6px] border-l-ink bg-raised p-3" role="alert">
            <Strong>Too much of it, by {trim((g ?? 0) - line.targetG, 1)} g.</Strong>
            <Body>
              With more of everything the recipe holds: {trim(saved.wholeG, 1)} g in all,{' '}
              {trim(saved.moreG, 1)} g more than planned.
            </Body>
            <Button
              primary
              className="min-h-[64px]"
              label={`More of everything, ${trim(saved.moreG, 1)} g`}
              onPress={() => enter(rescue(palette, batch, g ?? 0, stepG))}
            />
            <Button
              className="min-h-[64px]"
              label="Leave it as it is"
              onPress={() => enter(take(palette, batch, g ?? 0))}
            />
          </View>
        ) : null}
        <View className="mt-2 border-t border-rule">
          {weighing.lines.map((l, i) => (
            <View key={i} className="flex-row justify-between border-b border-rule py-1">
              <Body
                className={i === at ? 'font-bold' : l.actualG === undefined ? '' : 'text-quiet'}
              >
                {l.more ? 'more ' : ''}
                {nameOf(l.material)}
              </Body>
              <Body>
                {l.drops === undefined
                  ? `${trim(l.actualG ?? l.targetG, 1)} g${l.actualG === undefined ? '' : ', in'}`
                  : `${l.drops} drops`}
              </Body>
            </View>
          ))}
        </View>
      </ScrollView>
      <View className="flex-row border-t border-ink">
        <TableButton label="Undo" onPress={onUndo} />
        {scale ? <TableButton label="Tare" onPress={() => scale.tare()} /> : null}
        <TableButton
          label={
            line.drops !== undefined
              ? 'They are in'
              : g === undefined
                ? 'Take it'
                : `Take ${trim(g, 1)} g`
          }
          disabled={line.drops === undefined && (g === undefined || g <= 0)}
          onPress={() =>
            enter(take(palette, batch, line.drops === undefined ? (g ?? 0) : line.targetG))
          }
        />
      </View>
      {scale && line.drops === undefined && !(over && steady) ? (
        <Pressable
          role="button"
          aria-label="Spout: hold to pour"
          onPressIn={() => scale.spout(true)}
          onPressOut={() => scale.spout(false)}
          className="h-[26%] items-center justify-center bg-rail px-4"
        >
          <Heading className="!text-24 !text-railink">Hold to pour</Heading>
          <Text className="font-body text-16 text-railink">the longer, the faster it runs</Text>
        </Pressable>
      ) : null}
    </>
  );
}

/** As near as a hand gets: a step of the scale, or half a hundredth of a large amount. */
const tolerance = ({ targetG }: WeighLine, stepG: number): number =>
  Math.max(stepG, targetG * 0.005) + 1e-9;

const Large = ({ text }: { readonly text: string }) => (
  <Text
    className="font-display text-[96px] leading-[104px] text-ink"
    style={{ fontVariant: ['tabular-nums'] }}
  >
    {text}
  </Text>
);

function BigAct({
  label,
  says,
  onPress,
}: {
  readonly label: string;
  readonly says: string;
  readonly onPress: () => void;
}) {
  return (
    <Pressable
      role="button"
      aria-label={label}
      onPress={onPress}
      className="h-[40%] items-center justify-center gap-2 bg-rail px-4"
    >
      <Text className="text-center font-display text-34 leading-[38px] text-railink">{label}</Text>
      <Text className="font-body text-16 text-railink">{says}</Text>
    </Pressable>
  );
}
