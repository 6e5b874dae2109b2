import { SCHOOLS } from '@potter/core/budget';
import { reachOf, thinnessOf, type Verdict } from '@potter/core/plan';
import { show, trim } from '@potter/core/quantity';
import { sizeWords } from '@potter/core/surface';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useJars } from '@/data/shelf';
import { usePlan } from '@/plan/plan-context';
import { Button } from '@/ui/button';
import { QuantityField } from '@/ui/quantity-field';
import { Body, Small, Strong } from '@/ui/type';
import { useUnits } from '@/ui/units';

const SAYS: Readonly<Record<Verdict, string>> = {
  bare: 'Too little: places stay bare or patchy.',
  stretched: 'Thin: you will have to stretch everything and keep what is ugly.',
  sound: 'That will do.',
  plenty: 'More than this school asks: the rest runs off.',
};

/** "I have so much": how thin on this surface, and what size by each school. Jars of one kind can be added up for it. */
export function ReachOfPaint() {
  const { plan, brief, studio } = usePlan();
  const { length } = useUnits();
  const jars = useJars();
  const [haveG, setHaveG] = useState(Math.round(brief.budget.totalG));
  const here = useMemo(() => thinnessOf(plan, brief, haveG), [plan, brief, haveG]);
  const sold = length === 'in' ? 'in' : 'cm';
  const reaches = useMemo(() => reachOf(plan, haveG, studio, sold), [plan, haveG, studio, sold]);
  const sums = [false, true].flatMap((silicone) => {
    const of = jars.filter((j) => j.silicone === silicone);
    const g = of.reduce((sum, j) => sum + j.g, 0);
    return g > 0 ? [{ silicone, g, count: of.length }] : [];
  });
  return (
    <>
      <QuantityField
        label="I have, mixed"
        dimension="mass"
        unit="g"
        value={haveG}
        of={{ gPerMl: brief.budget.totalG / brief.budget.totalMl }}
        min={1}
        max={1e5}
        onChange={setHaveG}
      />
      {sums.map(({ silicone, g, count }) => (
        <Button
          key={String(silicone)}
          className="self-start"
          label={`From my jars: ${trim(g, 0)} g in ${count}${silicone ? ', with silicone' : ''}`}
          onPress={() => setHaveG(Math.round(g))}
        />
      ))}
      <View role="status" className="bg-raised p-3">
        <Strong>{SAYS[here.verdict]}</Strong>
        <Body>
          On this surface it lays {trim(here.laidMm, 1)} mm of colour; the plan asks for{' '}
          {trim(brief.budget.totalG, 0)} g.
        </Body>
      </View>
      {reaches.map(({ school, areaCm2, sidesMm, lettersMm, size }) => (
        <View key={school} className="border-b border-rule py-2">
          <Strong>
            {SCHOOLS[school].name}: up to{' '}
            {lettersMm === undefined
              ? sizeWords(
                  {
                    kind: 'rect',
                    widthMm: Math.floor(sidesMm[0]),
                    heightMm: Math.floor(sidesMm[1]),
                  },
                  length,
                )
              : `letters ${show(lettersMm, length)} tall`}
          </Strong>
          <Small>
            {trim(areaCm2, 0)} cm²
            {lettersMm !== undefined
              ? ''
              : size
                ? `; of what is sold, ${sizeWords(size.shape, size.unit)} ${size.support}`
                : '; less than anything sold'}
          </Small>
        </View>
      ))}
    </>
  );
}
