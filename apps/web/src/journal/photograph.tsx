import { useQuery } from '@tanstack/react-query';
import { Image, View } from 'react-native';
import { pictureUrl } from '@/data/pictures';

/** A kept picture in a square, its name read out. */
export function Photograph({
  id,
  label,
  size,
}: {
  readonly id: string;
  readonly label: string;
  readonly size: number;
}) {
  const url = usePictureUrl(id, true);
  return (
    <View
      role="img"
      aria-label={label}
      className="bg-pressed"
      style={{ width: size, height: size }}
    >
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
