import { runOffWords } from '@potter/core/budget';
import { trim } from '@potter/core/quantity';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { Body, Heading } from '@/ui/type';
import { Mass, Volume } from '@/ui/units';
import { POT_WORDS } from './pot-words';

/** What the plan needs, by use, and what film that makes. */
export function Amounts() {
  const { brief, plan } = usePlan();
  const { budget, stays, surface } = brief;
  const uses = [...new Set(budget.pots.map((p) => p.use))].map((use) => ({
    use,
    g: budget.pots.filter((p) => p.use === use).reduce((sum, p) => sum + p.g, 0),
    ml: budget.pots.filter((p) => p.use === use).reduce((sum, p) => sum + p.ml, 0),
  }));
  return (
    <View className="gap-2" role="region" aria-label="Amounts">
      <Heading>Amounts</Heading>
      {uses.map(({ use, g, ml }) => (
        <View
          key={use}
          className="flex-row items-baseline justify-between border-b border-rule py-2"
        >
          <Body className="flex-1">{POT_WORDS[use]}</Body>
          <Volume className="w-[88px] text-right" ml={ml} />
          <Mass className="w-[96px] justify-end" g={g} fine />
        </View>
      ))}
      <View className="flex-row items-baseline justify-between py-2">
        <Body className="flex-1 font-bold">
          Everything{plan.surface.pieces > 1 ? `, ${plan.surface.pieces} pieces` : ''}
        </Body>
        <Volume className="w-[88px] text-right" ml={budget.totalMl} />
        <Mass className="w-[96px] justify-end" g={budget.totalG} fine />
      </View>
      <Body>
        {trim(surface.areaCm2, 0)} cm²
        {surface.edgeCm2 > 0 ? ` and ${trim(surface.edgeCm2, 0)} cm² of edges` : ''}. Colours lie{' '}
        {trim(budget.laidMm, 1)} mm thick when poured;{' '}
        {stays.from === 'preview' ? 'by the preview' : 'about'} {trim(stays.onFaceMm, 1)} mm stays
        on the face and {runOffWords({ pouredG: budget.pouredG, runOffG: stays.runOffG })}.
        {plan.surface.pieces > 1 ? ` Each piece takes ${trim(budget.perPiece.totalG, 0)} g.` : ''}
      </Body>
    </View>
  );
}
