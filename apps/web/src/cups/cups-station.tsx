import type { Cup, Layer, LoadedCup } from '@potter/core/cup';
import { mixNames, edit as edits, seamsOf } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { limbWords } from '@potter/core/surface';
import { useRouter } from 'expo-router';
import { useCallback, useState } from 'react';
import { Text, View } from 'react-native';
import { At, useOpenWhatLedTo } from '@/plan/led';
import { usePlan } from '@/plan/plan-context';
import { StationScreen } from '@/plan/station-screen';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { QuantityField } from '@/ui/quantity-field';
import { Body } from '@/ui/type';
import { CoreSample } from './core-sample';
import { CupDrawing } from './cup-drawing';
import { Emission } from './emission';
import { LayerPanel } from './layer-panel';
import { placementWords } from './placement-words';
import { LoadingFields } from './loading-fields';
import { MoreCups } from './more-cups';
import { OrderActs } from './order-acts';
import { OrderLine } from '@/order/order-line';
import { SeamList } from '@/order/seam-list';
import { useKeys } from '@/ui/use-keys';
import { useWide } from '@/ui/use-wide';
import { Checkable } from '@/ui/checkable';
import { Section } from '@/ui/section';

export function CupsStation() {
  const { id, plan, brief, edit } = usePlan();
  const router = useRouter();
  const wide = useWide();
  const [chosenCup, setChosenCup] = useState(0);
  const [layer, setLayer] = useState<number>();
  const [adding, setAdding] = useState(false);
  useOpenWhatLedTo('/cups', (at, its) => {
    setChosenCup(at ?? 0);
    setLayer(its);
  });
  const cup = Math.min(chosenCup, plan.cups.length - 1);
  // A plan always has a cup: the schema says so, and the last one cannot be taken away.
  const doc = plan.cups[cup] as Cup;
  const loaded = brief.cups[cup] as LoadedCup;
  const nameOf = mixNames(plan);
  const mixOf = (mix: string) => brief.mixes.find((m) => m.id === mix);
  const masstoneOf = (mix: string) => mixOf(mix)?.masstoneHex ?? '#808080';
  const selected = layer !== undefined && layer < loaded.layers.length ? layer : undefined;
  const select = useCallback(
    (i: number) => setLayer((chosen) => (chosen === i ? undefined : i)),
    [],
  );
  const shift = (by: number) => {
    if (selected === undefined) return;
    edit((p) => edits.moveLayer(p, cup, selected, selected + by));
    setLayer(Math.min(Math.max(selected + by, 0), loaded.layers.length - 1));
  };
  const amount = (factor: number) =>
    selected !== undefined &&
    edit(
      (p) => edits.setLayer(p, cup, selected, (l) => scaleLayer(l, factor)),
      `amount ${cup} ${selected}`,
    );
  useKeys({
    ArrowUp: () =>
      setLayer(
        selected === undefined
          ? loaded.layers.length - 1
          : Math.min(selected + 1, loaded.layers.length - 1),
      ),
    ArrowDown: () => setLayer(Math.max((selected ?? 1) - 1, 0)),
    'Alt+ArrowUp': () => shift(1),
    'Alt+ArrowDown': () => shift(-1),
    '[': () => amount(1 / 1.1),
    ']': () => amount(1.1),
    d: () => selected !== undefined && edit((p) => edits.doubleLayer(p, cup, selected)),
    o: () => router.push(`/plans/${id}/order?cup=${cup}`),
    Delete: () => selected !== undefined && edit((p) => edits.removeLayer(p, cup, selected)),
  });
  const free = loaded.fillableMl - loaded.filledMl;
  return (
    <StationScreen
      station="cups"
      foot={
        selected !== undefined && doc.layers?.[selected] ? (
          <At about={`/cups/${cup}/layers/${selected}`}>
            <LayerPanel
              cup={cup}
              index={selected}
              layer={doc.layers[selected]}
              loaded={loaded.layers[selected]}
              belowMl={loaded.layers.slice(0, selected).reduce((sum, l) => sum + l.ml, 0)}
              count={doc.layers.length}
              onMoved={setLayer}
              name={nameOf(doc.layers[selected].mix)}
            />
          </At>
        ) : null
      }
    >
      <View className="flex-row flex-wrap items-start gap-2">
        <View role="tablist" aria-label="Cups" className="flex-1 flex-row flex-wrap gap-2">
          {plan.cups.map((c, i) => (
            <Checkable
              key={c.id}
              role="tab"
              checked={i === cup}
              label={`Cup ${i + 1}`}
              onPress={() => {
                setChosenCup(i);
                setLayer(undefined);
              }}
              className={`min-h-[44px] justify-center border px-3 ${i === cup ? 'border-ink bg-ink' : 'border-outline'}`}
            >
              <Text className={`font-bold text-16 ${i === cup ? 'text-surround' : 'text-ink'}`}>
                Cup {i + 1}
              </Text>
            </Checkable>
          ))}
        </View>
        {doc.layers ? (
          <Button label={adding ? 'Done' : '+ Layer'} onPress={() => setAdding(!adding)} />
        ) : null}
      </View>
      {adding ? (
        <Choice
          label="Goes in on top"
          value=""
          options={plan.mixes.map((m) => ({ value: m.id, label: m.name }))}
          onChange={(mix) => {
            edit((p) => edits.addLayer(p, cup, mix));
            setLayer(loaded.layers.length);
          }}
        />
      ) : null}
      {loaded.loads > 1 ? (
        <Body>This cup is loaded {loaded.loads} times, once for each piece.</Body>
      ) : null}
      {doc.for === undefined ? null : (
        <Body>
          {doc.for === 'gaps'
            ? 'This cup is for the gaps.'
            : `This cup is for ${limbWords(doc.for.replace('limb:', ''))}.`}
        </Body>
      )}
      {doc.reverseOf === undefined ? null : (
        <Body>
          Loaded like cup {plan.cups.findIndex((c) => c.id === doc.reverseOf) + 1}, the other way
          round.
        </Body>
      )}
      <At about={`/cups/${cup}`} className="flex-row items-end gap-4">
        {wide ? <CupDrawing cup={loaded} vessel={doc.vessel} hexOf={masstoneOf} /> : null}
        <View className="flex-1">
          <CoreSample
            layers={loaded.layers}
            selected={selected}
            onSelect={select}
            onMove={(from, to) => {
              edit((p) => edits.moveLayer(p, cup, from, to));
              setLayer(to);
            }}
            nameOf={nameOf}
            chipOf={(id) => ({
              masstone: mixOf(id)?.masstoneHex ?? '#808080',
              overWhite: mixOf(id)?.hexOverWhite ?? '#808080',
              overBlack: mixOf(id)?.hexOverBlack ?? '#808080',
            })}
            placementOf={(i) => {
              const l = doc.layers?.[i];
              return placementWords(l ?? loaded.layers[i]);
            }}
          />
        </View>
      </At>
      <OrderLine cup={cup} />
      <Emission cup={loaded} nameOf={nameOf} hexOf={masstoneOf} />
      {doc.layers ? (
        <QuantityField
          className="wide:max-w-[320px]"
          label="It holds in all"
          dimension="volume"
          unit="ml"
          value={loaded.filledMl}
          {...(loaded.filledMl > 0
            ? {
                of: {
                  gPerMl: loaded.layers.reduce((sum, l) => sum + l.g, 0) / loaded.filledMl,
                },
              }
            : {})}
          min={1}
          max={5000}
          onChange={(ml) =>
            edit((p) =>
              edits.fillCup(
                p,
                cup,
                ml,
                loaded.layers.map((l) => l.ml),
              ),
            )
          }
        />
      ) : null}
      <View className="flex-row items-center gap-4">
        {wide ? null : <CupDrawing cup={loaded} vessel={doc.vessel} hexOf={masstoneOf} />}
        <Body className="flex-1">
          {trim(loaded.filledMl, 0)} mL of {trim(loaded.capacityMl, 0)} mL to the brim,{' '}
          {free >= 0 ? `${trim(free, 0)} mL still free` : `${trim(-free, 0)} mL too much`} with
          head-room kept.
        </Body>
      </View>
      <View className="flex-row flex-wrap gap-2">
        <Button
          primary
          className="min-h-[64px] flex-1"
          label="Load the cups"
          onPress={() => router.push(`/plans/${id}/load`)}
        />
        <Button
          className="min-h-[64px] flex-1"
          label="Loading sheet"
          onPress={() => router.push(`/plans/${id}/loading`)}
        />
      </View>
      <View>
        {doc.layers ? (
          <Section
            title="Order"
            says="Where layers touch, the best order, rounds, how the technique begins and ends a cup."
          >
            <Button
              primary
              className="self-start"
              label="Find the best order"
              onPress={() => router.push(`/plans/${id}/order?cup=${cup}`)}
            />
            <SeamList seams={seamsOf(plan, brief, cup)} />
            <OrderActs cup={cup} loaded={loaded} />
          </Section>
        ) : null}
        <Section title="Vessel and loading" says={loadingWords(doc)}>
          <LoadingFields cup={cup} doc={doc} />
        </Section>
        <Section
          title="More cups"
          says={`${plan.cups.length === 1 ? 'One cup' : `${plan.cups.length} cups`}; alike or the other way round, divided, kept back.`}
        >
          <MoreCups
            cup={cup}
            loaded={loaded}
            onChosen={(next) => {
              setChosenCup(next);
              setLayer(undefined);
            }}
          />
        </Section>
      </View>
    </StationScreen>
  );
}

const LOADINGS: Readonly<Record<NonNullable<Cup['loading']>, string>> = {
  layered: 'in layers',
  side: 'side by side',
  split: 'in compartments',
  single: 'one colour',
};

const loadingWords = (cup: Cup): string =>
  [
    cup.vessel.name ?? 'a cup of its own',
    LOADINGS[cup.loading ?? 'layered'],
    cup.stir ? `stirred ${trim(cup.stir * 100, 0)} %` : '',
  ]
    .filter(Boolean)
    .join(', ');

/** A layer with a tenth more or less, by parts or mL, whichever it is measured in. */
const scaleLayer = (layer: Layer, factor: number): Layer => {
  const scaled = (n: number) => Math.max(0.1, Number((n * factor).toFixed(2)));
  return layer.ml === undefined
    ? { ...layer, parts: scaled(layer.parts ?? 1) }
    : { ...layer, ml: scaled(layer.ml) };
};
