import { openBook } from '@potter/core/material';
import {
  type Consistency,
  consistencyOf,
  drawdown,
  makeRecipe,
  mixTint,
  opacityOf,
} from '@potter/core/mix';
import type { Paint } from '@potter/core/paint';
import { trim } from '@potter/core/quantity';
import { useState } from 'react';
import { View } from 'react-native';
import { usePaints } from '@/data/shelf';
import { useConsistencyName } from '@/mixes/consistency-name';
import { PaintPick } from '@/paints/paint-pick';
import { Chip } from '@/ui/chip';
import { Choice } from '@/ui/choice';
import { Body, Small, Strong } from '@/ui/type';

const PARTS = [0, 0.5, 1, 1.5, 2, 3, 4] as const;
const MEDIUMS = [
  { value: 'conditioner', label: 'Conditioner' },
  { value: 'gloss-medium', label: 'Gloss medium' },
  { value: 'glue-water', label: 'Glue and water' },
  { value: 'water', label: 'Water' },
] as const;

/** A thinning trial: what becomes of a paint as it is let down, before any of it is opened. */
export function Thinning() {
  const paints = usePaints();
  const [chosen, setChosen] = useState<string>();
  const [medium, setMedium] = useState<(typeof MEDIUMS)[number]['value']>('conditioner');
  const paint = (paints.find((p) => p.paint.id === chosen) ?? paints[0])?.paint;
  if (!paint) return null;
  return (
    <View className="gap-4">
      <Body>
        Computed from the paint on your shelf. A card of two real coats over a black mark has the
        last word.
      </Body>
      <PaintPick label="Paint" paints={paints} value={paint.id} onChange={setChosen} />
      <Choice label="Thinned with" value={medium} options={MEDIUMS} onChange={setMedium} />
      <View role="list" className="border-t border-ink">
        {PARTS.map((parts) => (
          <Rung key={parts} paint={paint} medium={medium} parts={parts} />
        ))}
      </View>
      <Small>
        Chips show two brush coats, 200 µm wet. The class is what the eye sees of a black bar under
        them.
      </Small>
    </View>
  );
}

const BOOK = openBook([], []);

function Rung({
  paint,
  medium,
  parts,
}: {
  readonly paint: Paint;
  readonly medium: string;
  readonly parts: number;
}) {
  const nameOf = useConsistencyName();
  const recipe = makeRecipe(
    {
      id: 'trial',
      name: 'Trial',
      basis: 'volume',
      paints: [{ paint: paint.id, parts: 1 }],
      ...(parts === 0
        ? {}
        : medium === 'water'
          ? { waterParts: parts }
          : { medium: { id: medium, parts } }),
      consistency: 'medium',
    },
    () => paint,
    BOOK,
  );
  const tint = mixTint(recipe, () => paint);
  const chip = drawdown(tint);
  const opacity = opacityOf(tint);
  const step: Consistency = consistencyOf(recipe.viscosityPaS);
  return (
    <View
      role="listitem"
      className="min-h-[60px] flex-row items-center gap-3 border-b border-rule py-2"
    >
      <Strong className="w-[56px]">{parts === 0 ? 'as it is' : `1 : ${trim(parts, 1)}`}</Strong>
      <Chip size={44} overWhite={chip.hexOverWhite} overBlack={chip.hexOverBlack} />
      <View className="min-w-0 flex-1">
        <Body>{opacity.class}</Body>
        <Small>
          {nameOf(step)}
          {recipe.waterShare > 0.25
            ? `, ${trim(recipe.waterShare * 100, 0)} % water: too much`
            : ''}
        </Small>
      </View>
      <Strong>{trim(opacity.contrastRatio * 100, 0)} %</Strong>
    </View>
  );
}
