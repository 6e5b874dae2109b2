import { useQuery } from '@tanstack/react-query';
import { Image, View } from 'react-native';
import { pictureUrl } from '@/data/pictures';

/** A kept picture in a square, beside what says what it is: it is not read out. */
export function Photograph({ id, size }: { readonly id: string; readonly size: number }) {
  const url = usePictureUrl(id, true);
  return (
    <View aria-hidden className="bg-pressed" style={{ width: size, height: size }}>
      {url ? (
        <Image source={{ uri: url }} style={{ width: size, height: size }} resizeMode="cover" />
      ) : null}
    </View>
  );
}

/** Where a picture is shown from; undefined till that is known. */
export const usePictureUrl = (id: string, small = false): string | undefined =>
  useQuery({
    queryKey: ['picture', id, small],
    queryFn: () => pictureUrl(id, { small }),
    staleTime: Infinity,
  }).data;
