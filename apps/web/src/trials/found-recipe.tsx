import { type FoundMix, gramsOf } from '@potter/core/mix';
import { densityOf, type Paint } from '@potter/core/paint';
import { trim } from '@potter/core/quantity';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/button';
import { Chip } from '@/ui/chip';
import { TextField } from '@/ui/text-field';
import { Body, Small, Strong } from '@/ui/type';

/** Differences people see: ΔE2000 up to these (estimates). */
const HOW = [
  { upTo: 2, says: 'the same to the eye' },
  { upTo: 5, says: 'very near' },
  { upTo: 10, says: 'near' },
  { upTo: Infinity, says: 'as near as these paints get' },
] as const;

const howNear = (deltaE: number): string => HOW.find((h) => deltaE <= h.upTo)!.says;

/** A recipe for a colour: how near it comes, what is weighed for it, and what may be done with it. */
export function FoundRecipe({
  name,
  mix,
  wanted,
  paints,
  g,
  onTake,
  onKeep,
  onForget,
}: {
  /** By which it was kept. */
  readonly name?: string;
  readonly mix: FoundMix;
  readonly wanted: string;
  readonly paints: readonly Paint[];
  readonly g: number;
  readonly onTake: (() => void) | undefined;
  readonly onKeep?: (name: string) => void;
  readonly onForget?: () => void;
}) {
  const [named, setNamed] = useState<string>();
  const says = [...mix.paints]
    .sort((a, b) => b.parts - a.parts)
    .map(({ paint, parts }) => {
      const name = paints.find((p) => p.id === paint)?.name ?? paint;
      return mix.paints.length === 1 ? name : `${trim(parts, 0)} ${name}`;
    })
    .join(' : ');
  const paintOf = (id: string) => paints.find((p) => p.id === id);
  const weighed = gramsOf(mix, g, (id) => {
    const paint = paintOf(id);
    return paint ? densityOf(paint) : mix.densityGPerMl;
  });
  return (
    <View role="listitem" className="gap-1 border-b border-rule py-2">
      <View className="flex-row items-center gap-3">
        <View className="flex-row">
          <Chip size={36} overWhite={wanted} overBlack={wanted} />
          <Chip size={36} overWhite={mix.hex} overBlack={mix.hex} />
        </View>
        <View className="min-w-0 flex-1">
          <Strong lines={3}>{name ?? says}</Strong>
          {name === undefined ? null : <Small lines={3}>{says}</Small>}
          <Small>
            {howNear(mix.deltaE)}, difference {trim(mix.deltaE, 1)}; {mix.opacity},{' '}
            {trim(mix.densityGPerMl, 2)} g/mL
          </Small>
        </View>
      </View>
      <View role="list" aria-label={`Weigh out ${says}`}>
        {weighed.map((of) => (
          <View role="listitem" key={of.paint} className="flex-row justify-between gap-3">
            <Body className="min-w-0 flex-1">{paintOf(of.paint)?.name ?? of.paint}</Body>
            <Body className="tabular-nums">
              {of.drops === undefined
                ? `${trim(of.g, 1)} g`
                : `${trim(of.g, 2)} g, ${of.drops} ${of.drops > 1 ? 'drops' : 'drop'}`}
            </Body>
          </View>
        ))}
      </View>
      {named === undefined || !onKeep ? null : (
        <View className="flex-row items-end gap-2">
          <TextField
            live
            className="flex-1"
            label="What you call it"
            shown={named}
            read={(text) => ({ ok: true, value: text.slice(0, 80) })}
            onChange={setNamed}
          />
          <Button
            primary
            label="Keep"
            name="Keep it by this name"
            disabled={named.trim() === ''}
            onPress={() => {
              onKeep(named.trim());
              setNamed(undefined);
            }}
          />
        </View>
      )}
      <View className="flex-row flex-wrap justify-end gap-2">
        {onForget ? (
          <Button label="Forget it" name={`Forget ${name ?? ''}`} onPress={onForget} />
        ) : null}
        {onKeep && named === undefined ? (
          <Button label="Keep it" name={`Keep ${says}`} onPress={() => setNamed('')} />
        ) : null}
        {onTake ? <Button label="Pour this" onPress={onTake} /> : null}
      </View>
    </View>
  );
}
