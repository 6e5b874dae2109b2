import type { Paint } from '@potter/core/paint';
import Check from 'lucide-react-native/icons/check';
import { useState } from 'react';
import { View } from 'react-native';
import { usePaints, useShelf } from '@/data/shelf';
import { Chip } from '@/ui/chip';
import { Failed, Waiting } from '@/ui/state';
import { TextField } from '@/ui/text-field';
import { useTokens } from '@/ui/tokens';
import { Body, Small, Strong } from '@/ui/type';
import { found } from './item-words';
import { paintChip } from './paint-chip';
import { Checkable } from '@/ui/checkable';

/** Paints that are drawn at once: a long shelf must not hold up the screen. */
const MOST = 40;

interface Props {
  readonly chosen: readonly string[];
  readonly onToggle: (paint: Paint) => void;
}

/** The paints on the shelf, to be taken or left. */
export function PaintPicker({ chosen, onToggle }: Props) {
  const shelf = useShelf();
  const paints = usePaints();
  const { ink } = useTokens();
  const [search, setSearch] = useState('');
  if (shelf.isError)
    return (
      <Failed
        what="The shelf cannot be read."
        why={shelf.error.message}
        onRetry={() => void shelf.refetch()}
      />
    );
  if (!shelf.data) return <Waiting what="Looking at the shelf" />;
  if (paints.length === 0)
    return <Body>The shelf is empty. Put your paints on it first, under Shelf.</Body>;
  const fitting = paints.filter((p) => chosen.includes(p.paint.id) || found(p, search));
  const shown = fitting.slice(0, MOST);
  return (
    <View className="gap-2">
      {paints.length > MOST ? (
        <TextField
          label="Find a paint"
          shown={search}
          read={(text) => ({ ok: true, value: text })}
          onChange={setSearch}
          hint={
            fitting.length > MOST ? `${MOST} of ${fitting.length} shown: type to find others` : ''
          }
        />
      ) : null}
      <View
        role="group"
        aria-label="Paints on the shelf"
        className="wide:flex-row wide:flex-wrap wide:gap-x-4"
      >
        {shown.map(({ paint }) => {
          const taken = chosen.includes(paint.id);
          const { overWhite, overBlack, opacity } = paintChip(paint);
          return (
            <Checkable
              key={paint.id}
              role="checkbox"
              checked={taken}
              label={paint.name}
              onPress={() => onToggle(paint)}
              className={`min-h-[60px] flex-row items-center gap-3 border-b border-b-rule py-2 pr-2 wide:w-[300px] ${taken ? 'border-l-4 border-l-ink bg-raised pl-2' : 'border-l-4 border-l-transparent pl-2'}`}
            >
              <Chip size={40} overWhite={overWhite} overBlack={overBlack} />
              <View className="min-w-0 flex-1">
                <Strong lines={2}>{paint.name}</Strong>
                <Small>
                  {opacity.class}, {paint.body}
                  {paint.finish === 'satin' ? '' : `, ${paint.finish}`}
                </Small>
              </View>
              <View className="w-[24px]">
                {taken ? <Check size={24} color={ink} strokeWidth={3} /> : null}
              </View>
            </Checkable>
          );
        })}
      </View>
    </View>
  );
}
