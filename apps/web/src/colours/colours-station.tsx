import { type Intent, INTENTS, normalise } from '@potter/core/budget';
import { JUDGED, judgedBy } from '@potter/core/optics';
import {
  backgroundOf,
  edit as edits,
  mixNames,
  type NeighbourPair,
  neighbourTable,
} from '@potter/core/plan';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { At } from '@/plan/led';
import { usePlan } from '@/plan/plan-context';
import { StationScreen } from '@/plan/station-screen';
import { usePaints } from '@/data/shelf';
import { MixFinder } from '@/trials/mix-finder';
import { PaintPicker } from '@/paints/paint-picker';
import { Button } from '@/ui/button';
import { Chip } from '@/ui/chip';
import { Choice } from '@/ui/choice';
import { Section } from '@/ui/section';
import { NumberField } from '@/ui/quantity-field';
import { Body, Small, Strong } from '@/ui/type';
import { Pick } from '@/ui/pick';
import { Mass } from '@/ui/units';
import { Neighbours } from './neighbours';
import { PaletteFile } from './palette-file';
import { PaletteFrom } from './palette-from';
import { PaletteStrip } from './palette-strip';
import { SwatchStrip } from '@/ui/swatch-strip';

export function ColoursStation() {
  const { id, plan, brief, edit } = usePlan();
  const router = useRouter();
  const [picking, setPicking] = useState(false);
  const [byIntent, setByIntent] = useState(false);
  const [judged, setJudged] = useState<string>('colour');
  const tone = judgedBy(judged);
  const background = backgroundOf(plan);
  const shares = normalise(plan.budget.shares);
  const rows = shares.flatMap(({ mix, share }) => {
    const found = brief.mixes.find((m) => m.id === mix);
    const name = plan.mixes.find((m) => m.id === mix)?.name;
    const g = brief.budget.pots
      .filter((p) => p.use === 'colour' && p.mix === mix)
      .reduce((sum, p) => sum + p.g, 0);
    const own = plan.budget.shares.find((s) => s.mix === mix);
    return found && name
      ? [{ id: mix, name, share, g, mix: found, set: own?.set === true, intent: own?.intent }]
      : [];
  });
  const shelfPaints = usePaints().map((item) => item.paint);
  const pairs = neighbourTable(plan, brief);
  const nameOf = mixNames(plan);
  return (
    <StationScreen station="colours">
      <PaletteStrip
        parts={rows.map((r) => ({
          share: r.share,
          overWhite: tone(r.mix.hexOverWhite),
          overBlack: tone(r.mix.hexOverBlack),
          name: r.name,
        }))}
        onBorder={(index, by) => edit((p) => edits.moveBorder(p, index, by), `border ${index}`)}
      />
      <View role="list">
        {rows.map((row) => (
          <View
            role="listitem"
            key={row.id}
            className="flex-row items-center gap-3 border-b border-rule py-2"
          >
            <Pressable
              role="link"
              aria-label={`Chip of ${row.name}`}
              onPress={() => router.push(`/plans/${id}/chip?mix=${row.id}`)}
              className="min-h-[44px] min-w-0 flex-1 flex-row items-center gap-3 active:bg-pressed"
            >
              <Chip size={40} overWhite={row.mix.hexOverWhite} overBlack={row.mix.hexOverBlack} />
              <View className="min-w-0 flex-1">
                <Strong lines={2}>{row.name}</Strong>
                <Small className="underline">
                  {row.mix.opacity.film.class} as poured
                  {row.id === background ? ', background' : ''}
                  {row.set ? ', share set' : ''}
                </Small>
              </View>
            </Pressable>
            <At
              about={`/budget/shares/${plan.budget.shares.findIndex((s) => s.mix === row.id)}`}
              className="w-[76px]"
            >
              <NumberField
                hideLabel
                label={`Share of ${row.name}`}
                value={row.share}
                min={0}
                max={1}
                per={0.01}
                decimals={0}
                suffix=" %"
                onChange={(share) =>
                  edit((p) => edits.setShare(p, row.id, share), `share ${row.id}`)
                }
              />
            </At>
            <Mass className="w-[76px] justify-end" g={row.g} />
          </View>
        ))}
      </View>
      <View className="flex-row flex-wrap gap-2">
        <Button
          primary={!picking}
          label={picking ? 'Done' : '+ Colour'}
          onPress={() => setPicking(!picking)}
        />
        <Button label="Even shares" onPress={() => edit(edits.evenShares)} />
        <Button
          label={byIntent ? 'Hide what each is for' : 'Share by intent'}
          onPress={() => {
            if (!byIntent) edit(edits.shareByIntent);
            setByIntent(!byIntent);
          }}
        />
        {rows.some((r) => r.set) ? (
          <Button
            label="Let shares move again"
            onPress={() =>
              edit((p) => rows.reduce((now, r) => edits.releaseShare(now, r.id), p), 'release')
            }
          />
        ) : null}
      </View>
      <Pick
        label="Judge the colours"
        value={judged}
        options={JUDGED.map(({ id: value, name: label }) => ({ value, label }))}
        onChange={setJudged}
      />
      {judged === 'colour' ? null : (
        <Small>For judging contrasts in the strips; no two eyes see alike.</Small>
      )}
      {byIntent ? (
        <View className="gap-3" role="group" aria-label="What each colour is for">
          <Body>
            Background and dominant most, strong darks little, an accent least. Set any share by
            hand afterwards: it stays, the others fill up.
          </Body>
          {rows.map((row) => (
            <Choice<Intent>
              key={row.id}
              label={row.name}
              value={row.intent ?? 'support'}
              options={(Object.keys(INTENTS) as Intent[]).map((value) => ({
                value,
                label: INTENTS[value].name,
              }))}
              onChange={(intent) => edit((p) => edits.setIntent(p, row.id, intent))}
            />
          ))}
        </View>
      ) : null}
      {picking ? (
        <View className="gap-2">
          <Body>Tap a paint to pour it too; tap it again to leave it out.</Body>
          <PaintPicker
            chosen={plan.paints.map((p) => p.id)}
            onToggle={(paint) =>
              edit((p) => {
                const mix = p.mixes.find((m) => m.paints.some((used) => used.paint === paint.id));
                return mix ? edits.removeColour(p, mix.id) : edits.addColour(p, paint);
              })
            }
          />
        </View>
      ) : null}
      <View>
        <Section title="Neighbours" says={neighboursSay(pairs, nameOf)}>
          <Neighbours pairs={pairs} />
        </Section>
        <Section
          title="Swatch strip"
          says="The colours edge to edge in any order, each judged beside its neighbours."
        >
          <SwatchStrip
            swatches={rows.map((row) => ({
              id: row.id,
              name: row.name,
              hex: row.mix.masstoneHex,
              overWhite: tone(row.mix.hexOverWhite),
              overBlack: tone(row.mix.hexOverBlack),
              reserve: row.mix.opacity.mix.reserve,
              opacity: row.mix.opacity.mix.class,
              densityGPerMl: row.mix.densityGPerMl,
            }))}
            onMove={(from, to) =>
              edit((p) => edits.moveColour(p, rows[from]?.id ?? '', rows[to]?.id ?? ''))
            }
          />
        </Section>
        <Section
          title="Grow a palette"
          says="From one colour its relative, contrast, light and neutral; or out of a picture."
        >
          <PaletteFrom />
        </Section>
        <Section
          title="Find a colour"
          says="From at most three paints of the shelf, or in place of an empty tube."
        >
          <MixFinder
            onTake={(found, name) => edit((p) => edits.addFound(p, found, shelfPaints, name))}
          />
        </Section>
        <Section title="Palette files" says="Out to other programs, or in, held against the shelf.">
          <PaletteFile />
        </Section>
      </View>
    </StationScreen>
  );
}

/** The worst of the pairs in one line. */
function neighboursSay(pairs: readonly NeighbourPair[], nameOf: (id: string) => string): string {
  const bad = pairs.filter((p) => p.judged.verdict === 'mud' || p.judged.verdict === 'merge');
  const [worst] = bad;
  if (!worst) return pairs.length === 0 ? 'One colour only.' : 'All get on with each other.';
  return `${bad.length === 1 ? 'One pair does' : `${bad.length} pairs do`} not get on; ${nameOf(worst.a)} and ${nameOf(worst.b)} ${worst.says}.`;
}
