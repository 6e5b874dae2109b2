import type { Device } from '@potter/contract';
import { View } from 'react-native';
import { useChangeDevice, useDevices } from '@/data/home';
import { Button } from '@/ui/button';
import { dayWords } from '@/ui/day-words';
import { localTime } from '@/ui/local-time';
import { Asking, Failed } from '@/ui/state';
import { TextField } from '@/ui/text-field';
import { Small, Strong } from '@/ui/type';
import { UndoBar } from '@/ui/undo-bar';

/** Devices that are let in, by name and last use; any of them can be put out at once. */
export function PairedDevices({ machine }: { readonly machine: boolean }) {
  const devices = useDevices();
  const change = useChangeDevice();
  const all = devices.data ?? [];
  const out = all
    .filter((d) => d.revokedAt !== undefined)
    .sort((a, b) => (b.revokedAt ?? 0) - (a.revokedAt ?? 0));
  const inside = all.filter((d) => d.revokedAt === undefined);
  return (
    <View className="gap-2">
      <Asking query={devices} waiting="Looking for devices" failed="The devices cannot be read." />
      {change.error ? <Failed what="Nothing was changed." why={change.error.message} /> : null}
      {inside.length > 0 ? (
        <View role="list" aria-label="Devices that are let in">
          {inside.map((device) => (
            <Row
              key={device.id}
              device={device}
              onName={(name) => change.mutate({ id: device.id, name })}
              onPutOut={() => change.mutate({ id: device.id, revoked: true })}
            />
          ))}
        </View>
      ) : null}
      {machine
        ? out.map(({ id, name }) => (
            <UndoBar
              key={id}
              says={`${name} is put out: the studio answers it no more.`}
              undo="Let it in again"
              onUndo={() => change.mutate({ id, revoked: false })}
            />
          ))
        : null}
    </View>
  );
}

function Row({
  device: { name, pairedAt, lastUsedAt, here },
  onName,
  onPutOut,
}: {
  readonly device: Device;
  readonly onName: (name: string) => void;
  readonly onPutOut: () => void;
}) {
  return (
    <View role="listitem" className="gap-1 border-b border-rule py-2">
      <View className="flex-row items-end gap-3">
        <View className="flex-1">
          <TextField
            label={`Name of ${name}`}
            shown={name}
            read={(text) =>
              text.trim() === ''
                ? { ok: false, fault: 'A device needs a name.' }
                : { ok: true, value: text.trim().slice(0, 60) }
            }
            onChange={onName}
          />
        </View>
        <Button label="Put out" name={`Put out ${name}`} onPress={onPutOut} />
      </View>
      {here ? <Strong>This device</Strong> : null}
      <Small>
        last here {moment(lastUsedAt)}, let in {moment(pairedAt)}
      </Small>
    </View>
  );
}

const moment = (at: number): string =>
  `${dayWords(localTime(at))}, ${localTime(at).slice('yyyy-mm-ddT'.length)}`;
