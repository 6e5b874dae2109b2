import { mendAll, patchPlan } from '@potter/core/plan';
import type { Remark as RemarkData } from '@potter/core/remark';
import { trim } from '@potter/core/quantity';
import { Link, useRouter } from 'expo-router';
import ArrowLeft from 'lucide-react-native/icons/arrow-left';
import Redo2 from 'lucide-react-native/icons/redo-2';
import Undo2 from 'lucide-react-native/icons/undo-2';
import { type ReactNode, useState } from 'react';
import { ScrollView, Text, View } from 'react-native';
import { IconButton } from '@/ui/button';
import { Places } from '@/ui/places';
import { Remark, RemarkGroup } from '@/ui/remark';
import { Small, Strong, Title } from '@/ui/type';
import { useKeys } from '@/ui/use-keys';
import { useWide } from '@/ui/use-wide';
import { type Vital, VitalLine } from '@/ui/vital-line';
import { LivePreview } from './live-preview';
import { KeySheet } from './key-sheet';
import { useBringIntoView, useLead, wayTo } from './led';
import { usePlan } from './plan-context';
import { PlanMenu } from './plan-menu';
import { SavingSign } from './saving-sign';
import { StationStrip } from './station-strip';
import { type Station, stationOf, STATIONS } from './stations';
import { useWentOn } from './went-on';

interface Props {
  readonly station: Station['id'];
  readonly children: ReactNode;
  /** Work on what is chosen: kept in thumb reach on a phone, under the station on a wide screen. */
  readonly foot?: ReactNode;
}

/** The frame every station stands in: one station fills a phone; on a wide screen the walk, the station and the remarks stand side by side. */
export function StationScreen(props: Props) {
  const { id, undo, redo } = usePlan();
  const router = useRouter();
  const [keysShown, showKeys] = useState(false);
  useKeys({
    ...Object.fromEntries(
      STATIONS.map((s, i) => [String(i + 1), () => router.replace(`/plans/${id}/${s.id}`)]),
    ),
    'Ctrl+z': undo,
    'Ctrl+y': redo,
    '?': () => showKeys(!keysShown),
  });
  const wide = useWide();
  useBringIntoView();
  if (keysShown) {
    return (
      <View className="flex-1 bg-surround p-4 wide:p-8">
        <KeySheet onClose={() => showKeys(false)} />
      </View>
    );
  }
  return wide ? <WideStation {...props} /> : <PhoneStation {...props} />;
}

function PhoneStation({ station, children, foot }: Props) {
  const { id, plan } = usePlan();
  const router = useRouter();
  return (
    <View className="flex-1 bg-surround">
      <View className="flex-row items-center gap-1 px-1 pt-2">
        <IconButton icon={ArrowLeft} label="All plans" onPress={() => router.replace('/plans')} />
        <Title className="flex-1" lines={2}>
          {plan.title}
        </Title>
        <UndoRedo />
      </View>
      <View className="px-4">
        <Vitals />
      </View>
      <ScrollView role="main" className="flex-1" contentContainerClassName="gap-4 px-4 pb-6 pt-4">
        <WentOn />
        {children}
        <Remarks station={station} />
        <PlanMenu station={station} />
      </ScrollView>
      {foot ? (
        <ScrollView className="max-h-[46%] flex-none border-t border-ink bg-raised">
          {foot}
        </ScrollView>
      ) : null}
      <StationStrip id={id} here={station} />
    </View>
  );
}

function WideStation({ station, children, foot }: Props) {
  const { id, plan, brief } = usePlan();
  return (
    <View className="flex-1 flex-row bg-surround">
      <Places />
      <View className="w-[200px] border-r border-rule pt-6">
        <Title className="px-5 pb-4" lines={3}>
          {plan.title}
        </Title>
        <View role="navigation" aria-label="Stations">
          {STATIONS.map((s, index) => {
            const current = s.id === station;
            return (
              <Link
                key={s.id}
                href={`/plans/${id}/${s.id}`}
                replace
                aria-current={current ? 'step' : undefined}
                aria-label={`${index + 1} ${s.name}, ${s.key(plan, brief)}`}
                className={`flex flex-row gap-3 border-l-4 px-4 py-3 no-underline ${current ? 'border-l-ink bg-raised' : 'border-l-transparent'}`}
              >
                <Text className="w-4 font-display text-20 text-ink">{index + 1}</Text>
                <View>
                  <Strong>{s.name}</Strong>
                  <Small>{s.key(plan, brief)}</Small>
                </View>
              </Link>
            );
          })}
        </View>
      </View>
      <ScrollView role="main" className="flex-1" contentContainerClassName="gap-4 px-6 pb-6 pt-4">
        <View className="flex-row items-center gap-4">
          <View className="flex-1">
            <Vitals />
          </View>
          <UndoRedo />
        </View>
        <WentOn />
        {children}
        {foot}
      </ScrollView>
      <ScrollView className="w-[376px] flex-none bg-pressed" contentContainerClassName="gap-3 p-4">
        {station === 'preview' ? null : <LivePreview />}
        <Remarks station={station} all />
        <PlanMenu station={station} />
      </ScrollView>
    </View>
  );
}

function UndoRedo() {
  const { canUndo, canRedo, undo, redo } = usePlan();
  return (
    <View className="flex-row items-center">
      <SavingSign />
      <IconButton icon={Undo2} label="Undo" onPress={undo} disabled={!canUndo} />
      <IconButton icon={Redo2} label="Redo" onPress={redo} disabled={!canRedo} />
    </View>
  );
}

function Vitals() {
  const { brief } = usePlan();
  const { budget, stays, cups, remarks } = brief;
  const vitals: Vital[] = [
    { figure: trim(budget.totalG, 0), unit: 'g paint' },
    { figure: trim(stays.onFaceMm, 1), unit: 'mm film' },
    {
      figure: String(cups.length * (cups[0]?.loads ?? 1)),
      unit: (cups[0]?.loads ?? 1) > 1 ? 'fills' : cups.length === 1 ? 'cup' : 'cups',
    },
    { figure: String(remarks.length), unit: remarks.length === 1 ? 'remark' : 'remarks' },
  ];
  return <VitalLine vitals={vitals} />;
}

/** Another device was first, or took the plan away: said where the edits went on, with a way to the other. */
function WentOn() {
  const { id } = usePlan();
  const went = useWentOn();
  if (went?.id !== id) return null;
  return (
    <View role="alert" className="border-l-[6px] border-l-ink bg-raised p-3">
      <Link href={`/plans/${went.from}/surface`} className="flex min-h-[44px] items-center">
        <Text className="font-body text-16 text-ink">
          That plan was changed or deleted on another device, so you go on in a plan of your own,
          with all you did. <Text className="font-bold underline">Look at the other</Text>
        </Text>
      </Link>
    </View>
  );
}

/** Remarks settled at this station with their acts; the others as one line that leads there. */
function Remarks({
  station,
  all = false,
}: {
  readonly station: Station['id'];
  readonly all?: boolean;
}) {
  const { id, brief, studio, edit } = usePlan();
  const lead = useLead(id, station);
  /** Kinds that are looked at one by one. */
  const [apart, setApart] = useState<readonly string[]>([]);
  const shown = brief.remarks.filter((r) => all || stationOf(r.about).id === station);
  const elsewhere = all
    ? []
    : STATIONS.filter((s) => s.id !== station).flatMap((s) => {
        const there = brief.remarks.filter((r) => stationOf(r.about).id === s.id);
        return there[0] ? [{ station: s, count: there.length, gravest: there[0] }] : [];
      });
  const one = (remark: RemarkData) => (
    <Remark
      key={`${remark.code} ${remark.about} ${remark.message}`}
      remark={remark}
      onFix={() => remark.fix && edit((plan) => patchPlan(plan, remark.fix?.patch ?? []))}
      onShow={() => lead(remark.about)}
      onMeant={() => remark.meant && edit((plan) => patchPlan(plan, remark.meant?.patch ?? []))}
    />
  );
  // Those of one kind that each have an act stand together; the gravest kind first, as they come.
  const groups = shown.reduce<[RemarkData, ...RemarkData[]][]>((all, remark) => {
    const kin = remark.fix && all.find(([first]) => first.code === remark.code && first.fix);
    if (kin) kin.push(remark);
    else all.push([remark]);
    return all;
  }, []);
  return (
    <View className="gap-2" role="region" aria-label="Remarks" aria-live="polite">
      {all && shown.length === 0 ? (
        <Small>No remarks. Nothing speaks against this plan.</Small>
      ) : null}
      {groups.map(([first, ...alike]) =>
        alike.length === 0 || apart.includes(first.code) ? (
          [first, ...alike].map(one)
        ) : (
          <RemarkGroup
            key={first.code}
            remarks={[first, ...alike]}
            onAll={() => edit((plan) => mendAll(plan, first.code, studio))}
            onApart={() => setApart([...apart, first.code])}
          />
        ),
      )}
      {elsewhere.map(({ station: s, count, gravest }) => (
        <Link
          key={s.id}
          href={wayTo(id, gravest.about)}
          replace
          className="flex min-h-[44px] flex-row items-center"
        >
          <Text className="font-body text-16 text-ink underline">
            {count === 1 ? '1 remark' : `${count} remarks`} at {s.name}
          </Text>
        </Link>
      ))}
    </View>
  );
}
