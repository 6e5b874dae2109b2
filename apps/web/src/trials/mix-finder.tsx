import type { FoundMix } from '@potter/core/mix';
import { paintOptics, reserveOf } from '@potter/core/optics';
import { blendsTrue, densityOf } from '@potter/core/paint';
import { useState } from 'react';
import { View } from 'react-native';
import { useOwnRecipes } from '@/data/own-recipes';
import { usePaints } from '@/data/shelf';
import { useAside } from '@/data/use-aside';
import type { FindAsk } from '@/workers/find-messages';
import { ColourField } from '@/paints/colour-field';
import { ColourOfPicture } from '@/paints/colour-of-picture';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { HexField } from '@/ui/hex-field';
import { Pick } from '@/ui/pick';
import { QuantityField } from '@/ui/quantity-field';
import { Failed } from '@/ui/state';
import { Body } from '@/ui/type';
import { YesNo } from '@/ui/yes-no';
import { FoundRecipe } from './found-recipe';
import { KeptRecipes } from './kept-recipes';

/** Enough for a small pour. */
const USUAL_G = 100;

/** Recipes from the shelf for a colour, or in place of an empty tube. */
export function MixFinder({
  onTake,
}: {
  /** What may be done with a recipe, where there is something. */
  readonly onTake?: (found: FoundMix, name: string) => void;
}) {
  const shelf = usePaints().map((item) => item.paint);
  const [all, setAll] = useState(false);
  const [way, setWay] = useState<'colour' | 'picture' | 'tube' | 'kept'>('colour');
  const [hex, setHex] = useState('#e8dcc0');
  const [tubeId, setTube] = useState<string>();
  const [g, setG] = useState(USUAL_G);
  const [found, setFound] = useState<{
    readonly for: string;
    readonly hex: string;
    readonly mixes: readonly FoundMix[];
  }>();
  const finder = useAside<FindAsk, FoundMix[]>(
    () => new Worker(new URL('../workers/find.worker.ts', import.meta.url)),
  );
  // Blends of what shimmers or glows are not computed truly: they are left out unless asked for.
  const paints = all ? shelf : shelf.filter(blendsTrue);
  const odd = shelf.length - shelf.filter(blendsTrue).length;
  const tube = shelf.find((p) => p.id === tubeId) ?? shelf[0];
  const own = useOwnRecipes();
  async function find() {
    const ask: FindAsk | undefined =
      way === 'tube'
        ? tube && {
            hex: tube.hex,
            paints: paints.filter((p) => p.id !== tube.id),
            like: { reserve: reserveOf(paintOptics(tube)), densityGPerMl: densityOf(tube) },
          }
        : { hex, paints };
    if (!ask) return;
    const mixes = await finder.ask(ask);
    if (mixes) setFound({ for: way === 'tube' ? (tube?.name ?? '') : hex, hex: ask.hex, mixes });
  }
  return (
    <View className="gap-3">
      <Choice
        label="Look for"
        value={way}
        options={[
          { value: 'colour', label: 'A colour' },
          { value: 'picture', label: 'A colour of a picture' },
          { value: 'tube', label: 'What replaces a tube' },
          ...(own.kept.length > 0 || own.forgotten
            ? [{ value: 'kept' as const, label: 'One I kept' }]
            : []),
        ]}
        onChange={setWay}
      />
      {way === 'colour' ? (
        <ColourField label="The colour wanted" value={hex} onChange={setHex} />
      ) : way === 'picture' ? (
        <View className="gap-3">
          <ColourOfPicture onColour={setHex} />
          <HexField label="The colour wanted" value={hex} onChange={setHex} />
        </View>
      ) : way === 'kept' ? null : (
        <Pick
          label="The tube that is empty"
          value={tube?.id ?? ''}
          options={shelf.map((p) => ({ value: p.id, label: p.name }))}
          onChange={setTube}
        />
      )}
      <QuantityField
        label="How much of it"
        dimension="mass"
        unit="g"
        value={g}
        min={1}
        max={5000}
        onChange={setG}
      />
      {way === 'kept' ? <KeptRecipes own={own} paints={shelf} g={g} onTake={onTake} /> : null}
      {odd > 0 && way !== 'kept' ? (
        <YesNo label="With metallics, pearls and neons" value={all} onChange={setAll} />
      ) : null}
      {way === 'kept' ? null : (
        <Button
          className="self-start"
          primary
          label={finder.busy ? 'Trying the shelf…' : 'Find it on the shelf'}
          disabled={finder.busy || paints.length === 0}
          onPress={() => void find()}
        />
      )}
      {finder.failed ? <Failed what="Nothing was found." why={finder.failed} /> : null}
      {found && way !== 'kept' ? (
        <View role="list" aria-label={`Recipes for ${found.for}`} className="border-t border-ink">
          {found.mixes.map((mix) => (
            <FoundRecipe
              key={mix.paints.map((p) => `${p.paint} ${p.parts}`).join()}
              mix={mix}
              wanted={found.hex}
              paints={shelf}
              g={g}
              onTake={onTake && (() => onTake(mix, found.for))}
              onKeep={(name) => own.keep({ name, hex: found.hex, paints: [...mix.paints] })}
            />
          ))}
          {found.mixes.length === 0 ? <Body>There is nothing to mix it from.</Body> : null}
        </View>
      ) : null}
    </View>
  );
}
