import { mixNames, type Seam, weightWords } from '@potter/core/plan';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { Small, Strong } from '@/ui/type';
import { Bands, VerdictLine } from '@/ui/verdict';

/** The seams of a cup, top first as one looks at it: how the two get on, and what their weights do. */
export function SeamList({ seams }: { readonly seams: readonly Seam[] }) {
  const { plan, brief } = usePlan();
  const nameOf = mixNames(plan);
  const hexOf = (id: string) => brief.mixes.find((m) => m.id === id)?.masstoneHex ?? '#808080';
  return (
    <View role="list" aria-label="Where layers touch, top first">
      {[...seams].reverse().map((seam) => {
        const weight = weightWords(seam, nameOf);
        return (
          <View
            role="listitem"
            key={seam.at}
            className="flex-row items-center gap-3 border-b border-rule py-2"
          >
            <Bands
              hexes={[hexOf(seam.above), seam.judged.blendHex, hexOf(seam.below)]}
              width={54}
              height={36}
            />
            <View className="min-w-0 flex-1">
              <Strong lines={2}>
                {nameOf(seam.above)} on {nameOf(seam.below)}
              </Strong>
              <VerdictLine
                verdict={seam.judged.verdict}
                says={seam.unwanted ? `${seam.says}; you keep them apart` : seam.says}
              />
              {weight ? <Small className="!text-ink">{weight}</Small> : null}
            </View>
          </View>
        );
      })}
    </View>
  );
}
