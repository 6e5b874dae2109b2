import { mixNames, judgeOrder, seamsOf } from '@potter/core/plan';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { Body } from '@/ui/type';
import { VerdictGlyph } from '@/ui/verdict';

/** How many seams are bad, of how many. */
const badSeams = (bad: number, seams: number): string =>
  seams === 1
    ? bad === 0
      ? 'Its one seam is good'
      : 'Its one seam is bad'
    : `${bad === 0 ? 'No' : bad} bad ${bad > 1 ? 'seams' : 'seam'} of ${seams}`;

/** The order of a cup judged in one line, anew with every move. */
export function OrderLine({ cup }: { readonly cup: number }) {
  const { plan, brief } = usePlan();
  const nameOf = mixNames(plan);
  const { worst, bad, seams } = judgeOrder(seamsOf(plan, brief, cup));
  if (!worst) return null;
  return (
    <View role="status" className="flex-row items-start gap-2">
      <View className="pt-[3px]">
        <VerdictGlyph verdict={worst.judged.verdict} size={18} />
      </View>
      <Body className="flex-1">
        {badSeams(bad, seams)}. Weakest: {nameOf(worst.above)} on {nameOf(worst.below)}
        {worst.unwanted ? ', which you keep apart' : `; they ${worst.says}`}.
      </Body>
    </View>
  );
}
