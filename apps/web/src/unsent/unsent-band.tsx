import { View } from 'react-native';
import { saveFile } from '@/data/files';
import { giveUp, tryAgain, type Unsent, useUnsent } from '@/data/outbox/outbox';
import { Button } from '@/ui/button';
import { Body } from '@/ui/type';

/** What the studio will not have, and what only this page has: in sight everywhere until it is dealt with. */
export function UnsentBand() {
  const unsent = useUnsent();
  const refused = unsent.filter((l) => l.refused !== undefined);
  const loose = unsent.filter((l) => l.refused === undefined && l.kept === false).length;
  if (refused.length === 0 && loose === 0) return null;
  return (
    <View role="region" aria-label="Not in the studio yet" className="bg-raised">
      {loose > 0 ? (
        <View role="status" className="border-l-[6px] border-l-outline px-4 py-3">
          <Body>
            {loose === 1 ? 'One change is' : `${loose} changes are`} only on this page: this device
            has no room or keeps nothing. Leave the page open until the studio answers.
          </Body>
        </View>
      ) : null}
      {refused.map((letter) => (
        <Refusal key={letter.id} letter={letter} />
      ))}
    </View>
  );
}

function Refusal({ letter }: { readonly letter: Unsent }) {
  // A change that met another device's takes its place when it is sent again.
  const again = letter.was ? 'Use this one' : 'Send again';
  return (
    <View role="alert" className="gap-2 border-l-[6px] border-l-ink px-4 py-3">
      <Body>
        {letter.names} is on this device but not in the studio. {letter.refused}
      </Body>
      <View className="flex-row flex-wrap gap-2">
        <Button label={again} name={`${again}: ${letter.names}`} onPress={() => tryAgain(letter)} />
        <Button
          label="Keep as a file instead"
          name={`Keep as a file instead: ${letter.names}`}
          onPress={() => {
            asFile(letter);
            void giveUp(letter);
          }}
        />
      </View>
    </View>
  );
}

/** Leaves the page as a download, so that nothing made is ever only thrown away. */
function asFile({ about, body, names }: Unsent): void {
  if (body instanceof Blob) saveFile(`${about}.jpg`, body, body.type);
  else saveFile(`${about}.json`, JSON.stringify(body ?? { struckOut: names }, undefined, 2));
}
