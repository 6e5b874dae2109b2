import { useState } from 'react';
import { Pressable, Text, View } from 'react-native';
import { copyUrl, useBringCopyIn, useCopies, useCopyNow } from '@/data/copies';
import { pickFile } from '@/data/files';
import { Act, Button } from '@/ui/button';
import { dayWords } from '@/ui/day-words';
import { localTime } from '@/ui/local-time';
import { Failed } from '@/ui/state';
import { Body, Heading } from '@/ui/type';
import { CopyLook } from './copy-look';
import { sizeWords } from './size-words';

/** As many as one looks through; all of them lie in the folder beside the studio's file. */
const MOST_SHOWN = 5;

/** How a copy came to be, by its name; the daily ones need no word. */
const kindWords = (name: string): string =>
  name.endsWith('-by-hand.db')
    ? 'by hand'
    : name.startsWith('before-restore')
      ? 'before a copy was put back'
      : name.endsWith('-brought-in.db')
        ? 'brought in'
        : name.startsWith('before-')
          ? 'before a new version'
          : '';

/** Copies of the whole studio: made by themselves every day, by hand here, taken away as one file. */
export function StudioCopies() {
  const copies = useCopies();
  const copy = useCopyNow();
  const bring = useBringCopyIn();
  const [looked, setLooked] = useState<string>();
  const bringIn = async () => {
    const file = await pickFile('.db', 'Copy of a studio');
    if (file) bring.mutate(file, { onSuccess: ({ name }) => setLooked(name) });
  };
  const shown = copies.data?.copies.slice(0, MOST_SHOWN) ?? [];
  return (
    <View className="gap-3">
      <Heading>Copies of the studio</Heading>
      <Body>
        The studio copies itself every day it runs: the last 7 days are kept, and 4 weeks before
        them. Take a copy away now and then, to a place that is not this machine.
      </Body>
      {copies.error ? (
        <Failed what="The copies cannot be seen." why={copies.error.message} />
      ) : null}
      {copies.data?.trouble ? (
        <Failed what="The copy of today could not be made." why={copies.data.trouble} />
      ) : null}
      {copy.error ? <Failed what="No copy was made." why={copy.error.message} /> : null}
      <View role="list">
        {shown.map(({ name, madeAt, bytes }) => {
          const when = `${dayWords(localTime(madeAt))}, ${localTime(madeAt).slice(11)}`;
          return (
            <View role="listitem" key={name} className="gap-1 border-b border-rule py-2">
              <View className="flex-row items-baseline gap-3">
                <Text className="flex-1 font-body text-16 text-ink">
                  {when}
                  <Text className="text-13 text-quiet"> {kindWords(name)}</Text>
                </Text>
                <Text className="font-body text-13 text-quiet">{sizeWords(bytes)}</Text>
              </View>
              <View className="flex-row gap-6">
                <Act
                  label="Look into it"
                  name={`Look into the copy of ${when}`}
                  onPress={() => setLooked(name)}
                />
                <Pressable
                  role="link"
                  aria-label={`Take away the copy of ${when}`}
                  // A plain address: the browser downloads it, however large it is.
                  {...{ href: copyUrl(name), hrefAttrs: { download: name } }}
                  className="min-h-[44px] justify-center active:bg-pressed"
                >
                  <Text className="font-bold text-16 text-ink underline">Take away</Text>
                </Pressable>
              </View>
              {looked === name ? (
                <CopyLook name={name} onLeave={() => setLooked(undefined)} />
              ) : null}
            </View>
          );
        })}
      </View>
      {bring.error ? <Failed what="It was not brought in." why={bring.error.message} /> : null}
      <View className="flex-row flex-wrap gap-2">
        <Button
          label={copy.isPending ? 'Copying' : 'Copy the studio now'}
          disabled={copy.isPending}
          onPress={() => copy.mutate()}
        />
        <Button
          label={bring.isPending ? 'Bringing it in' : 'Bring a copy in'}
          disabled={bring.isPending}
          onPress={() => void bringIn()}
        />
      </View>
    </View>
  );
}
