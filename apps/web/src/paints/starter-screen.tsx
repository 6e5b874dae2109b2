import type { Body as PaintBody, Paint } from '@potter/core/paint';
import { byLightness, FAMILIES, familyOf, GENERIC_PAINTS } from '@potter/core/stock';
import { type Href, useLocalSearchParams, useRouter } from 'expo-router';
import Check from 'lucide-react-native/icons/check';
import { memo, useCallback, useState } from 'react';
import { View } from 'react-native';
import { useDraft } from '@/data/draft';
import { putTable, usePaints, useShelf } from '@/data/shelf';
import { Button } from '@/ui/button';
import { Checkable } from '@/ui/checkable';
import { Chip } from '@/ui/chip';
import { Choice } from '@/ui/choice';
import { Screen } from '@/ui/screen';
import { Asking } from '@/ui/state';
import { useTokens } from '@/ui/tokens';
import { Body, Heading, Small, Strong } from '@/ui/type';
import { paintChip } from './paint-chip';
import { BODIES } from './paint-words';
import { usualBody } from './usual-body';

const RACK = Object.values(FAMILIES).map(({ id, name }) => ({
  id,
  name,
  paints: GENERIC_PAINTS.filter((p) => familyOf(p) === id).sort(byLightness),
}));

/** The paints one owns, ticked off the usual ones: a shelf in a minute. */
export function StarterScreen() {
  const router = useRouter();
  const { then = '/shelf' } = useLocalSearchParams<{ then?: string }>();
  const shelf = useShelf();
  const have = new Set(usePaints().map(({ paint }) => paint.id));
  const [body, setBody] = useState<PaintBody>(usualBody.get);
  const [ticks, setTicks, forget] = useDraft<readonly string[]>('starter', () => []);
  const ticked = new Set(ticks);
  const chosen = GENERIC_PAINTS.filter((p) => ticked.has(p.id) && !have.has(p.id));
  const leave = () => router.replace((then.startsWith('/') ? then : '/shelf') as Href);
  const tick = useCallback(
    (id: string) =>
      setTicks((now) => (now.includes(id) ? now.filter((t) => t !== id) : [...now, id])),
    [setTicks],
  );
  const put = () => {
    usualBody.set(body);
    putTable(chosen.map((paint) => ({ kind: 'paint', paint: { ...paint, body } })));
    forget();
    leave();
  };
  return (
    <Screen
      title="What do you own?"
      acts={<Button label="Not now" onPress={leave} />}
      foot={
        <View className="flex-row items-center gap-3 border-t border-ink bg-raised p-3">
          <Small className="flex-1">
            {chosen.length === 0 ? 'Nothing ticked yet' : `${chosen.length} ticked`}
          </Small>
          <Button
            primary
            label="Put them on the shelf"
            disabled={chosen.length === 0 || !shelf.data}
            onPress={put}
          />
        </View>
      }
    >
      <View className="gap-5">
        <Body>
          Tick what comes nearest. How each covers is as is usual; your own cards, weights and names
          replace it later.
        </Body>
        <Choice
          label="Most of mine are of this body"
          value={body}
          options={BODIES}
          onChange={setBody}
        />
        <Asking query={shelf} waiting="Looking at the shelf" failed="The shelf cannot be read." />
        {RACK.map(({ id, name, paints }) => (
          <View key={id} className="gap-2" role="group" aria-label={name}>
            <Heading>{name}</Heading>
            <View className="flex-row flex-wrap">
              {paints.map((paint) => (
                <Tile
                  key={paint.id}
                  paint={paint}
                  there={have.has(paint.id)}
                  ticked={ticked.has(paint.id)}
                  onTick={tick}
                />
              ))}
            </View>
          </View>
        ))}
      </View>
    </Screen>
  );
}

const Tile = memo(function Tile({
  paint,
  there,
  ticked,
  onTick,
}: {
  readonly paint: Paint;
  readonly there: boolean;
  readonly ticked: boolean;
  readonly onTick: (id: string) => void;
}) {
  const { ink } = useTokens();
  const { overWhite, overBlack } = paintChip(paint);
  const on = ticked || there;
  return (
    <Checkable
      role="checkbox"
      checked={on}
      label={there ? `${paint.name}, on the shelf` : paint.name}
      onPress={() => (there ? undefined : onTick(paint.id))}
      className={`min-h-[64px] w-1/2 flex-row items-center gap-2 border-b border-l-4 border-b-rule py-2 pl-2 pr-1 active:bg-pressed wide:w-1/4 ${on ? 'border-l-ink bg-raised' : 'border-l-transparent'}`}
    >
      <Chip size={44} overWhite={overWhite} overBlack={overBlack} />
      <View className="min-w-0 flex-1">
        <Strong lines={3} className="!text-16 !leading-[18px]">
          {paint.name}
        </Strong>
        {there ? <Small>on the shelf</Small> : null}
      </View>
      {on ? (
        <View className="absolute right-1 top-1">
          <Check size={20} color={ink} strokeWidth={3} />
        </View>
      ) : null}
    </Checkable>
  );
});
