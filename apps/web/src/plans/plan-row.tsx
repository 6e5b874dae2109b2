import type { PlanSummary } from '@potter/contract';
import { Link } from 'expo-router';
import { View } from 'react-native';
import { CoresThumbnail } from '@/ui/cores-thumbnail';
import { dayWords } from '@/ui/day-words';
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
      </Link>
    </View>
  );
}
