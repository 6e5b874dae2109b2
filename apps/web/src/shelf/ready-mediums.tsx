import { STOCK_MEDIUMS } from '@potter/core/material';
import { trim } from '@potter/core/quantity';
import { Link } from 'expo-router';
import { View } from 'react-native';
import { nameIn } from '@/data/name-in';
import { Heading, Small, Strong } from '@/ui/type';

/** The ready recipes of the craft: what each is good for, what is in it; each can be made by the batch. */
export function ReadyMediums({ onShelf }: { readonly onShelf: ReadonlySet<string> }) {
  const nameOf = nameIn({});
  return (
    <View className="mt-6">
      <Heading>Ready recipes</Heading>
      <View
        role="list"
        className="mt-1 border-t border-ink wide:flex-row wide:flex-wrap wide:gap-x-8"
      >
        {STOCK_MEDIUMS.filter((m) => m.of.length > 1 && !onShelf.has(m.id)).map((m) => (
          <View role="listitem" key={m.id} className="border-b border-rule wide:w-[calc(50%-16px)]">
            <Link
              href={`/shelf/make/${m.id}`}
              aria-label={`Make ${m.name}`}
              className="flex min-h-[64px] flex-col justify-center gap-1 py-2 no-underline active:bg-pressed"
            >
              <Strong>{m.name}</Strong>
              <Small>{m.goodFor}</Small>
              <Small>
                {m.of
                  .map(
                    (i) =>
                      `${trim(i.parts, 2)} ${nameOf('medium' in i ? i.medium : i.material).toLowerCase()}`,
                  )
                  .join(' : ')}
              </Small>
            </Link>
          </View>
        ))}
      </View>
    </View>
  );
}
