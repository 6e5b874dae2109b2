import type { Piece } from '@potter/core/piece';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { pickFile } from '@/data/files';
import { newId } from '@/data/new-id';
import { useKeepPiece } from '@/data/pieces';
import { keepPicture, PHOTOGRAPH_PX } from '@/data/pictures';
import { dayOf } from '@/data/studio';
import { Button } from '@/ui/button';
import { DateField } from '@/ui/date-field';
import { Screen } from '@/ui/screen';
import { Failed, Waiting } from '@/ui/state';
import { TextField } from '@/ui/text-field';
import { Body } from '@/ui/type';

/** At noon, so that no zone of the clock makes another day of it. */
const momentOf = (day: string): number => new Date(`${day.slice(0, 10)}T12:00`).getTime();

/** A piece of before there was a plan for it: its name, its day, its picture. */
export function NewPieceScreen() {
  const router = useRouter();
  const keep = useKeepPiece();
  const [title, setTitle] = useState('');
  const [day, setDay] = useState<string | undefined>(() => dayOf(new Date()));
  const [busy, setBusy] = useState(false);
  const [fault, setFault] = useState<string>();
  const make = async (withPicture: boolean) => {
    setFault(undefined);
    const madeAt = day === undefined ? Date.now() : momentOf(day);
    let photographs: Piece['photographs'];
    if (withPicture) {
      const file = await pickFile('image/*', 'Picture of the piece');
      if (!file) return;
      setBusy(true);
      try {
        const picture = await keepPicture(file, PHOTOGRAPH_PX);
        photographs = [{ picture, at: madeAt, state: 'dry' }];
      } catch (error) {
        setFault(error instanceof Error ? error.message : String(error));
        setBusy(false);
        return;
      }
      setBusy(false);
    }
    const piece: Piece = {
      id: newId(),
      title: title.trim() || 'A piece from before',
      madeAt,
      status: 'finished',
      ...(photographs ? { photographs } : {}),
    };
    keep(piece);
    router.replace(`/journal/${piece.id}`);
  };
  return (
    <Screen
      title="Add a piece"
      acts={<Button label="Back" onPress={() => router.replace('/journal')} />}
    >
      <View className="gap-4 wide:max-w-[720px]">
        <Body>
          A pour of a plan is here by itself. This is for what you made before, or without one: its
          picture is enough.
        </Body>
        <TextField
          live
          label="Its name"
          shown={title}
          read={(text) => ({ ok: true, value: text.slice(0, 120) })}
          onChange={setTitle}
        />
        <DateField day label="Made on" value={day} onChange={setDay} />
        <View className="flex-row flex-wrap gap-2">
          <Button
            primary
            label="Choose its picture"
            disabled={busy}
            onPress={() => void make(true)}
          />
          <Button label="Without a picture" disabled={busy} onPress={() => void make(false)} />
        </View>
        {busy ? <Waiting what="Keeping the picture" /> : null}
        {fault ? <Failed what="The picture was not kept." why={fault} /> : null}
      </View>
    </Screen>
  );
}
