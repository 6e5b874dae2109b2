import type { Paint } from '@potter/core/paint';
import { useState } from 'react';
import { View } from 'react-native';
import { usePaints, useShelf } from '@/data/shelf';
import { Asking } from '@/ui/state';
import { TextField } from '@/ui/text-field';
import { Body } from '@/ui/type';
import { AddPaint } from './add-paint';
import { PaintRow } from './paint-row';
import { goesBy } from './paint-words';

/** Paints that are drawn at once: a long shelf must not hold up the screen. */
const MOST = 40;

interface Props {
  /** Paints that may be taken too though they are not on the shelf, such as those of the plan; they stand first. */
  readonly also?: readonly Paint[];
  readonly chosen: readonly string[];
  readonly onToggle: (paint: Paint) => void;
}

/** The paints on the shelf, to be taken or left; one that is not there yet is put there and taken without leaving. */
export function PaintPicker({ also = [], chosen, onToggle }: Props) {
  const shelf = useShelf();
  const own = usePaints().map((item) => item.paint);
  const paints = [...also.filter((p) => !own.some((o) => o.id === p.id)), ...own];
  const [search, setSearch] = useState('');
  /** Put on the shelf here, the latest first. */
  const [added, setAdded] = useState<readonly string[]>([]);
  if (!shelf.data)
    return (
      <Asking query={shelf} waiting="Looking at the shelf" failed="The shelf cannot be read." />
    );
  const place = (p: Paint) => (added.includes(p.id) ? added.indexOf(p.id) : added.length);
  const fitting = paints
    .filter((p) => chosen.includes(p.id) || goesBy(p, search))
    .sort((a, b) => place(a) - place(b));
  const shown = fitting.slice(0, MOST);
  return (
    <View className="gap-2">
      <TextField
        live
        label="Find a paint, or name one to add"
        shown={search}
        read={(text) => ({ ok: true, value: text })}
        onChange={setSearch}
        hint={
          fitting.length > MOST
            ? `${MOST} of ${fitting.length} shown: type to find others`
            : paints.length === 0
              ? 'such as titanium white, teal or #d8a526'
              : ''
        }
      />
      {paints.length === 0 ? <Body>The shelf is empty: what you name here goes on it.</Body> : null}
      <View
        role="group"
        aria-label="Paints on the shelf"
        className="wide:flex-row wide:flex-wrap wide:gap-x-4"
      >
        {shown.map((paint) => (
          <PaintRow
            key={paint.id}
            paint={paint}
            sign={chosen.includes(paint.id) ? 'taken' : 'free'}
            onPress={() => onToggle(paint)}
          />
        ))}
      </View>
      <AddPaint
        search={search}
        onAdded={(paint) => {
          setAdded((now) => [paint.id, ...now]);
          setSearch('');
          onToggle(paint);
        }}
      />
    </View>
  );
}
