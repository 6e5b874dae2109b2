import type { PlanSummary } from '@potter/contract';
import { Link } from 'expo-router';
import { View } from 'react-native';
import { Checkable } from '@/ui/checkable';
import { CoresThumbnail } from '@/ui/cores-thumbnail';
import { dayWords } from '@/ui/day-words';
import { Tick } from '@/ui/tick';
import { Body, Small } from '@/ui/type';
import { Mass } from '@/ui/units';

/** A plan in a list, known by the cores of its cups. */
export function PlanRow({ plan }: { readonly plan: PlanSummary }) {
  return (
    <View role="listitem" className="border-b border-rule wide:w-[calc(50%-16px)]">
      <Link
        href={`/plans/${plan.id}/surface`}
        aria-label={`${plan.title}, ${plan.size}, ${plan.technique}`}
        className="flex min-h-[104px] flex-row items-center gap-4 py-3 no-underline active:bg-pressed"
      >
        <PlanLook plan={plan} />
      </Link>
    </View>
  );
}

/** A plan to be ticked with others. */
export function ChooseRow({
  plan,
  chosen,
  onToggle,
}: {
  readonly plan: PlanSummary;
  readonly chosen: boolean;
  readonly onToggle: () => void;
}) {
  return (
    <View role="listitem" className="border-b border-rule wide:w-[calc(50%-16px)]">
      <Checkable
        role="checkbox"
        checked={chosen}
        label={plan.title}
        onPress={onToggle}
        className="min-h-[104px] flex-row items-center gap-4 py-3 active:bg-pressed"
      >
        <Tick done={chosen} />
        <PlanLook plan={plan} />
      </Checkable>
    </View>
  );
}

function PlanLook({ plan }: { readonly plan: PlanSummary }) {
  return (
    <>
      <View className="w-[92px] items-start">
        <CoresThumbnail cores={plan.cores} width={92} height={80} />
      </View>
      <View className="min-w-0 flex-1">
        <Body className="!font-bold !text-20" lines={2}>
          {plan.title}
        </Body>
        <Small>{plan.size}</Small>
        <Small>
          {plan.technique}, {plan.colours === 1 ? '1 colour' : `${plan.colours} colours`}
        </Small>
        {plan.pour ? <Small>pour {dayWords(plan.pour)}</Small> : null}
      </View>
      <Mass g={plan.totalG} />
    </>
  );
}
