import type { CopyLook as Look } from '@potter/contract';
import { View } from 'react-native';
import { useCopyLook, usePutCopyBack } from '@/data/copies';
import { Button } from '@/ui/button';
import { Asking, Failed } from '@/ui/state';
import { Body, Small, Strong } from '@/ui/type';

/** As many names as one reads. */
const MOST_NAMES = 6;

/** What putting a copy back would bring back, change and take away; then, if wanted, that. */
export function CopyLook({
  name,
  onLeave,
}: {
  readonly name: string;
  readonly onLeave: () => void;
}) {
  const look = useCopyLook(name);
  const back = usePutCopyBack();
  if (back.isSuccess)
    return (
      <View role="status" className="gap-2 bg-raised p-3">
        <Strong>The copy is the studio now.</Strong>
        <Body>The studio as it was stands in the list as a copy of its own.</Body>
        <Button className="self-start" label="Done" onPress={onLeave} />
      </View>
    );
  const differs = look.data?.differences.filter(
    (d) => d.brings.length + d.changes.length + d.takesAway.length > 0,
  );
  return (
    <View role="group" aria-label="What it would change" className="gap-3 bg-raised p-3">
      <Asking query={look} waiting="Looking into the copy" failed="The copy cannot be read." />
      {differs?.map((difference) => (
        <Difference key={difference.kind} {...difference} />
      ))}
      {differs?.length === 0 ? <Body>It is the studio as it stands.</Body> : null}
      {back.error ? <Failed what="It was not put back." why={back.error.message} /> : null}
      {differs ? (
        <View className="flex-row flex-wrap gap-2">
          {differs.length > 0 ? (
            <Button
              label={back.isPending ? 'Putting it back' : 'Put it in the place of the studio'}
              disabled={back.isPending}
              onPress={() => back.mutate(name)}
            />
          ) : null}
          <Button label="Leave it" onPress={onLeave} />
        </View>
      ) : null}
    </View>
  );
}

function Difference({ kind, brings, changes, takesAway }: Look['differences'][number]) {
  return (
    <View>
      <Strong>{`${kind[0]?.toUpperCase()}${kind.slice(1)}`}</Strong>
      <Names does="Comes back" names={brings} />
      <Names does="Changes" names={changes} />
      <Names does="Goes" names={takesAway} />
    </View>
  );
}

function Names({ does, names }: { readonly does: string; readonly names: readonly string[] }) {
  if (names.length === 0) return null;
  const more = names.length - MOST_NAMES;
  return (
    <Small>
      {does}: {names.slice(0, MOST_NAMES).join(', ')}
      {more > 0 ? ` and ${more} more` : ''}
    </Small>
  );
}
