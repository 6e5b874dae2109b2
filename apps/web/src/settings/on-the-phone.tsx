import type { Home } from '@potter/contract';
import { Text, View } from 'react-native';
import { useHome, useNewCode, useOpenHome } from '@/data/home';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { clock } from '@/ui/local-time';
import { Asking, Failed } from '@/ui/state';
import { Body, Heading, Small, Strong } from '@/ui/type';
import { useNow } from '@/ui/use-now';
import { PairedDevices } from './paired-devices';
import { Scan } from './scan';

/** The studio on the home network: whether it is open to it, how a phone comes in, and who is let in. */
export function OnThePhone() {
  const home = useHome();
  const open = useOpenHome();
  return (
    <View className="gap-3" role="region" aria-label="On the phone">
      <Heading>On the phone</Heading>
      <Asking query={home} waiting="Looking at the network" failed="The network cannot be seen." />
      {home.data?.machine ? (
        <Choice
          label="Open to the home network"
          value={home.data.open ? 'on' : 'off'}
          options={[
            { value: 'on', label: open.isPending && open.variables ? 'Opening' : 'On' },
            { value: 'off', label: 'Off' },
          ]}
          onChange={(v) => open.mutate(v === 'on')}
        />
      ) : null}
      {open.error ? <Failed what="Nothing was changed." why={open.error.message} /> : null}
      {home.data ? <Reached home={home.data} /> : null}
      <PairedDevices machine={home.data?.machine === true} />
    </View>
  );
}

function Reached({ home }: { readonly home: Home }) {
  const code = useNewCode();
  const { machine, addresses, trustAnew, fingerprint, pairing } = home;
  if (addresses.length === 0)
    return (
      <Body>
        Only this machine reaches the studio. Open it, and a phone on the same network can be let
        in: it weighs, runs and photographs at the table, also while the network is away.
      </Body>
    );
  return (
    <View className="gap-3">
      {machine ? null : (
        <Body>A new device is let in from the studio’s own machine, under Settings there.</Body>
      )}
      {trustAnew ? (
        <Body>
          This machine is on another network than before, so its certificate is a new one: phones
          that trusted the earlier one have to fetch and trust this one.
        </Body>
      ) : null}
      {pairing ? <Invitation key={pairing.code} home={home} pairing={pairing} /> : null}
      {code.error ? <Failed what="No code was made." why={code.error.message} /> : null}
      {machine ? (
        <Button
          className="self-start"
          label={pairing ? 'New code' : 'Let a device in'}
          disabled={code.isPending}
          onPress={() => code.mutate()}
        />
      ) : null}
      <Small>The application: {addresses.join(' · ')}</Small>
      {fingerprint && !pairing ? <Signs fingerprint={fingerprint} /> : null}
    </View>
  );
}

/** What a phone scans, and the same to be read off: the code large, the signs to compare. */
function Invitation({
  home: { trustPage, fingerprint },
  pairing: { code, until, address, scan },
}: {
  readonly home: Home;
  readonly pairing: NonNullable<Home['pairing']>;
}) {
  const left = (until - useNow(1000)) / 1000;
  if (left <= 0)
    return (
      <Body>The code was good for ten minutes, and is good no more. Have a new one made.</Body>
    );
  return (
    <View className="gap-3 wide:flex-row wide:gap-6">
      <Scan rows={scan} label={`To be scanned with the phone: ${address}`} />
      <View className="shrink gap-2">
        <Body>
          Scan it with the phone’s camera
          {trustPage ? `, or type ${trustPage} there` : ''}. Three steps follow: trust the studio,
          pair, put it on the home screen.
        </Body>
        <View role="group" aria-label={`Code ${code}`}>
          <Text className="font-display text-34 text-ink" style={{ letterSpacing: 2 }}>
            {code.slice(0, 4)}-{code.slice(4)}
          </Text>
          <Small>good for {clock(left)}, for one device</Small>
        </View>
        {fingerprint ? <Signs fingerprint={fingerprint} /> : null}
      </View>
    </View>
  );
}

/** Eight pairs a row, as the phone's page shows them. */
const inRows = (fingerprint: string): string => fingerprint.replace(/((?:\S\S ){7}\S\S) /g, '$1\n');

function Signs({ fingerprint }: { readonly fingerprint: string }) {
  return (
    <View>
      <Strong>The certificate’s signs, as the phone has to show them</Strong>
      <Text className="font-body text-16 text-ink" style={{ fontVariant: ['tabular-nums'] }}>
        {inRows(fingerprint)}
      </Text>
    </View>
  );
}
