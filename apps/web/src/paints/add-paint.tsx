import type { Paint } from '@potter/core/paint';
import { paintsNamed } from '@potter/core/stock';
import { useState } from 'react';
import { View } from 'react-native';
import { putOnShelf, usePaints } from '@/data/shelf';
import { Act } from '@/ui/button';
import { MakePaint } from './make-paint';
import { PaintRow } from './paint-row';
import { usualBody } from './usual-body';

/** Generic paints offered at once. */
const MOST = 6;

interface Props {
  /** What has been typed. */
  readonly search: string;
  /** It is on the shelf by then. */
  readonly onAdded: (paint: Paint) => void;
}

/** Paints that are not on the shelf yet: by the name that is typed, or of the artist's own making. One tap puts one there. */
export function AddPaint({ search, onAdded }: Props) {
  const have = new Set(usePaints().map(({ paint }) => paint.id));
  const [making, setMaking] = useState(false);
  const [body] = useState(usualBody.get);
  const offered = paintsNamed(search)
    .filter((p) => !have.has(p.id))
    .slice(0, MOST);
  const add = (paint: Paint) => {
    setMaking(false);
    putOnShelf({ kind: 'paint', paint });
    onAdded(paint);
  };
  return (
    <View className="gap-2">
      {offered.length > 0 ? (
        <View role="group" aria-label="Not on the shelf yet">
          {offered.map((paint) => (
            <PaintRow
              key={paint.id}
              paint={{ ...paint, body }}
              label={`Add ${paint.name}`}
              sign="add"
              onPress={() => add({ ...paint, body })}
            />
          ))}
        </View>
      ) : null}
      {making ? (
        <MakePaint
          name={/^#?[0-9a-f]{6}$/i.test(search.trim()) ? '' : search}
          onMade={add}
          onLeave={() => setMaking(false)}
        />
      ) : (
        <Act label="Another paint, from a picture or by eye" onPress={() => setMaking(true)} />
      )}
    </View>
  );
}
