import type { Layer, LoadedLayer } from '@potter/core/cup';
import { edit as edits } from '@potter/core/plan';
import ArrowDown from 'lucide-react-native/icons/arrow-down';
import ArrowUp from 'lucide-react-native/icons/arrow-up';
import Copy from 'lucide-react-native/icons/copy';
import Trash from 'lucide-react-native/icons/trash';
import { View } from 'react-native';
import { usePlan } from '@/plan/plan-context';
import { IconButton } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { Compass } from '@/ui/compass';
import { NumberField, QuantityField } from '@/ui/quantity-field';
import { Strong } from '@/ui/type';

interface Props {
  readonly cup: number;
  readonly index: number;
  readonly layer: Layer;
  readonly loaded: LoadedLayer | undefined;
  /** What lies under it in the cup. */
  readonly belowMl: number;
  readonly count: number;
  readonly name: string;
  readonly onMoved: (index: number | undefined) => void;
}

/** The chosen layer: how much, where it goes in, and its place in the cup. */
export function LayerPanel({ cup, index, layer, loaded, belowMl, count, name, onMoved }: Props) {
  const { edit } = usePlan();
  const set = (change: (l: Layer) => Layer, tag?: string) =>
    edit((p) => edits.setLayer(p, cup, index, change), tag && `${tag} ${cup} ${index}`);
  // Grams and millilitres of one layer are one figure told two ways.
  const of = loaded && loaded.ml > 0 ? { of: { gPerMl: loaded.g / loaded.ml } } : {};
  const move = (to: number) => {
    edit((p) => edits.moveLayer(p, cup, index, to));
    onMoved(to);
  };
  return (
    <View
      className="gap-3 border-l-4 border-l-ink bg-raised p-3"
      role="group"
      aria-label={`Layer of ${name}`}
    >
      <View className="flex-row items-center">
        <Strong className="flex-1" lines={1}>
          {name}
        </Strong>
        <IconButton
          icon={ArrowUp}
          label="Move up"
          disabled={index === count - 1}
          onPress={() => move(index + 1)}
        />
        <IconButton
          icon={ArrowDown}
          label="Move down"
          disabled={index === 0}
          onPress={() => move(index - 1)}
        />
        <IconButton
          icon={Copy}
          label="Double it"
          onPress={() => edit((p) => edits.doubleLayer(p, cup, index))}
        />
        <IconButton
          icon={Trash}
          label="Take it out"
          onPress={() => {
            edit((p) => edits.removeLayer(p, cup, index));
            onMoved(undefined);
          }}
        />
      </View>
      <View className="flex-row items-end gap-3">
        <View className="flex-1">
          <Choice
            label="Amount"
            value={layer.ml === undefined ? 'parts' : 'ml'}
            options={[
              { value: 'parts', label: 'Parts' },
              { value: 'ml', label: 'Fixed' },
            ]}
            onChange={(kind) =>
              set(({ parts, ml, ...rest }) =>
                kind === 'parts'
                  ? { ...rest, parts: 1 }
                  : { ...rest, ml: Math.max(0.1, Number((loaded?.ml ?? 10).toFixed(1))) },
              )
            }
          />
        </View>
        {layer.ml === undefined ? (
          <NumberField
            className="flex-1"
            label="Parts of its pot"
            value={layer.parts ?? 1}
            min={0.01}
            max={1000}
            onChange={(parts) => set((l) => ({ ...l, parts }), 'parts')}
          />
        ) : null}
      </View>
      {layer.ml === undefined || !loaded ? null : (
        <View className="flex-row gap-3">
          <QuantityField
            className="flex-1"
            label="Volume"
            dimension="volume"
            unit="ml"
            value={layer.ml}
            {...of}
            min={0.1}
            max={5000}
            onChange={(ml) => set((l) => ({ ...l, ml }), 'ml')}
          />
          <QuantityField
            className="flex-1"
            label="Mass"
            dimension="mass"
            unit="g"
            value={loaded.g}
            {...of}
            min={0.1}
            max={8000}
            onChange={(g) =>
              set((l) => ({ ...l, ml: Number(((g * loaded.ml) / loaded.g).toFixed(2)) }), 'g')
            }
          />
          <QuantityField
            className="flex-1"
            label="Fill line"
            dimension="length"
            unit="mm"
            value={loaded.toMm}
            min={1}
            max={600}
            onChange={(mm) =>
              edit((p) => edits.fillTo(p, cup, index, mm, belowMl), `fill ${cup} ${index}`)
            }
          />
        </View>
      )}
      <Choice<Layer['placement']>
        label="Goes in"
        value={layer.placement}
        options={[
          { value: 'wall', label: 'down the wall' },
          { value: 'middle', label: 'middle' },
          { value: 'high', label: 'from high' },
          { value: 'side', label: 'to one side' },
        ]}
        onChange={(placement) =>
          set(({ dropMm, sideDeg, ...l }) => ({
            ...l,
            placement,
            ...(placement === 'high'
              ? { dropMm: dropMm ?? 150 }
              : placement === 'side'
                ? { sideDeg: sideDeg ?? 0 }
                : {}),
          }))
        }
      />
      {layer.placement === 'high' ? (
        <QuantityField
          label="Height above the paint"
          dimension="length"
          unit="cm"
          value={layer.dropMm ?? 150}
          min={0}
          max={2000}
          onChange={(dropMm) => set((l) => ({ ...l, dropMm }), 'drop')}
        />
      ) : null}
      {layer.placement === 'side' ? (
        <Compass
          label="Its side of the cup"
          deg={layer.sideDeg ?? 0}
          onChange={(sideDeg) => set((l) => ({ ...l, sideDeg }))}
        />
      ) : null}
    </View>
  );
}
