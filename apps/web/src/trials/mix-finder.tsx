import { type FoundMix, gramsOf, madeOf, type OwnRecipe } from '@potter/core/mix';
import { paintOptics, reserveOf } from '@potter/core/optics';
import { blendsTrue, densityOf, type Paint } from '@potter/core/paint';
import { trim } from '@potter/core/quantity';
import { useState } from 'react';
import { View } from 'react-native';
import type { KeptList } from '@/data/kept-list';
import { useOwnRecipes } from '@/data/own-recipes';
import { usePaints } from '@/data/shelf';
import { useAside } from '@/data/use-aside';
import type { FindAsk } from '@/workers/find-messages';
import { ColourField } from '@/paints/colour-field';
import { ColourOfPicture } from '@/paints/colour-of-picture';
import { Button } from '@/ui/button';
import { Chip } from '@/ui/chip';
import { Choice } from '@/ui/choice';
import { HexField } from '@/ui/hex-field';
import { Pick } from '@/ui/pick';
import { QuantityField } from '@/ui/quantity-field';
import { Failed } from '@/ui/state';
import { TextField } from '@/ui/text-field';
import { Body, Small, Strong } from '@/ui/type';
import { UndoBar } from '@/ui/undo-bar';
import { YesNo } from '@/ui/yes-no';

/** Differences people see: ΔE2000 up to these (estimates). */
const HOW = [
  { upTo: 2, says: 'the same to the eye' },
  { upTo: 5, says: 'very near' },
  { upTo: 10, says: 'near' },
  { upTo: Infinity, says: 'as near as these paints get' },
] as const;

/** Enough for a small pour. */
const USUAL_G = 100;

const howNear = (deltaE: number): string => HOW.find((h) => deltaE <= h.upTo)!.says;

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
            <Recipe
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

/** Recipes that were kept by name, with the paints as they are now. */
function KeptRecipes({
  own,
  paints,
  g,
  onTake,
}: {
  readonly own: KeptList<OwnRecipe>;
  readonly paints: readonly Paint[];
  readonly g: number;
  readonly onTake: ((found: FoundMix, name: string) => void) | undefined;
}) {
  return (
    <View role="list" aria-label="Recipes you kept" className="border-t border-ink">
      {own.forgotten ? (
        <UndoBar says={`${own.forgotten.name} is forgotten.`} onUndo={own.remember} />
      ) : null}
      {own.kept.map((recipe) => {
        const made = madeOf(recipe.hex, recipe.paints, paints);
        const forget = () => own.forget(recipe);
        return made ? (
          <Recipe
            key={recipe.name}
            name={recipe.name}
            mix={made}
            wanted={recipe.hex}
            paints={paints}
            g={g}
            onTake={onTake && (() => onTake(made, recipe.name))}
            onForget={forget}
          />
        ) : (
          <View role="listitem" key={recipe.name} className="gap-1 border-b border-rule py-2">
            <Strong>{recipe.name}</Strong>
            <Small>A paint of it is no longer on the shelf.</Small>
            <Button
              className="self-end"
              label="Forget it"
              name={`Forget ${recipe.name}`}
              onPress={forget}
            />
          </View>
        );
      })}
    </View>
  );
}

function Recipe({
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
