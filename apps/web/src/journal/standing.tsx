import { type Piece, type Status, STATUS_IDS, STATUSES, statusOf } from '@potter/core/piece';
import { brief, type Plan } from '@potter/core/plan';
import { useMemo } from 'react';
import { View } from 'react-native';
import { useShelf } from '@/data/shelf';
import { studioOf } from '@/data/studio';
import { Act } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { money } from '@/ui/money';
import { MoneyField } from '@/ui/money-field';
import { TextField } from '@/ui/text-field';
import { Body, Small } from '@/ui/type';
import type { Change } from './change';

export const standingWords = (piece: Piece): string =>
  [
    STATUSES[statusOf(piece)],
    piece.with === undefined ? '' : `with ${piece.with}`,
    piece.price === undefined ? '' : money(piece.price),
    ...(piece.tags ?? []),
  ]
    .filter(Boolean)
    .join(', ');

const MOST_TAGS = 20;

/** What became of a piece: who has it, for how much, what went into it, what it is filed under. */
export function Standing({
  piece,
  change,
  plan,
}: {
  readonly piece: Piece;
  readonly change: Change;
  readonly plan: Plan | undefined;
}) {
  const reckoned = useCost(plan);
  const { price, cost, tags = [], note = '' } = piece;
  return (
    <View className="gap-3">
      <Choice
        label="It is"
        value={statusOf(piece)}
        options={STATUS_IDS.map((value) => ({ value, label: STATUSES[value] }))}
        onChange={(status: Status) => change((p) => ({ ...p, status }))}
      />
      <View className="flex-row flex-wrap gap-3">
        <MoneyField
          className="min-w-[140px] flex-1"
          label="Price"
          value={price}
          onChange={(to) =>
            change(({ price: _, ...p }) => (to === undefined ? p : { ...p, price: to }))
          }
        />
        <MoneyField
          className="min-w-[140px] flex-1"
          label="What went into it"
          value={cost}
          onChange={(to) =>
            change(({ cost: _, ...p }) => (to === undefined ? p : { ...p, cost: to }))
          }
        />
      </View>
      {reckoned !== undefined && cost === undefined && reckoned > 0 ? (
        <View className="flex-row flex-wrap items-center gap-3">
          <Small>By its plan and the shelf’s prices {money(reckoned)} went into one.</Small>
          <Act
            label="Take that"
            onPress={() => change((p) => ({ ...p, cost: Number(reckoned.toFixed(2)) }))}
          />
        </View>
      ) : null}
      {price !== undefined && cost !== undefined ? (
        <Body>
          {money(price - cost)}{' '}
          {statusOf(piece) === 'sold' ? 'is left of it' : 'would be left of it'}.
        </Body>
      ) : null}
      <TextField
        label="With whom"
        shown={piece.with ?? ''}
        read={(text) => ({ ok: true, value: text.trim().slice(0, 80) })}
        onChange={(to) => change(({ with: _, ...p }) => (to === '' ? p : { ...p, with: to }))}
      />
      <TextField
        label="Filed under"
        hint="Words with commas between: autumn show, blue."
        shown={tags.join(', ')}
        read={(text) => ({ ok: true, value: tagsIn(text) })}
        onChange={(to) => change(({ tags: _, ...p }) => (to.length === 0 ? p : { ...p, tags: to }))}
      />
      <TextField
        live
        label="A note"
        lines={3}
        shown={note}
        read={(text) => ({ ok: true, value: text.slice(0, 4000) })}
        onChange={(to) => change(({ note: _, ...p }) => (to === '' ? p : { ...p, note: to }))}
      />
    </View>
  );
}

/** Words between commas, each once. */
const tagsIn = (text: string): string[] =>
  [...new Set(text.split(',').map((tag) => tag.trim().slice(0, 40)))]
    .filter((tag) => tag !== '')
    .slice(0, MOST_TAGS);

/** What one piece cost by its plan; undefined where there is none, or nothing has a price. */
function useCost(plan: Plan | undefined): number | undefined {
  const shelf = useShelf();
  return useMemo(
    () =>
      plan && shelf.data
        ? brief(plan, studioOf({ shelf: shelf.data, now: new Date(), surface: plan.surface })).cost
            .perPiece
        : undefined,
    [plan, shelf.data],
  );
}
