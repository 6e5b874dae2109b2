import type { Settings } from '@potter/contract';
import { FACTORS } from '@potter/core/factor';
import { SCOOP_ML } from '@potter/core/material';
import { CONSISTENCIES } from '@potter/core/mix';
import { trim } from '@potter/core/quantity';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useChangeSettings, useSettings } from '@/data/settings';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { NumberField } from '@/ui/quantity-field';
import { Screen } from '@/ui/screen';
import { TextField } from '@/ui/text-field';
import { Body, Heading } from '@/ui/type';
import { StudioBin } from './bin';
import { StudioCopies } from './copies';
import { StudioCalendar } from './calendar';
import { OnThePhone } from './on-the-phone';
import { PicturesHeld } from './pictures-held';

const ON_OFF = [
  { value: 'on', label: 'On' },
  { value: 'off', label: 'Off' },
] as const;

/** How the studio likes to see and hear things. Every change holds at once. */
export function SettingsScreen() {
  const router = useRouter();
  const settings = useSettings();
  const change = useChangeSettings();
  const set = (part: Partial<Settings>) => change({ ...settings, ...part });
  return (
    <Screen
      title="Settings"
      acts={<Button label="Back" onPress={() => router.replace('/bench')} />}
    >
      <View className="gap-5 wide:max-w-[720px]">
        <Heading>Units</Heading>
        <Choice
          label="Mass"
          value={settings.mass}
          options={[
            { value: 'g', label: 'grams' },
            { value: 'oz', label: 'ounces' },
          ]}
          onChange={(mass) => set({ mass })}
        />
        <Choice
          label="Volume"
          value={settings.volume}
          options={[
            { value: 'ml', label: 'mL' },
            { value: 'us-floz', label: 'US fl oz' },
            { value: 'imp-floz', label: 'imperial fl oz' },
          ]}
          onChange={(volume) => set({ volume })}
        />
        <Choice
          label="Length of a surface"
          value={settings.length}
          options={[
            { value: 'cm', label: 'cm' },
            { value: 'mm', label: 'mm' },
            { value: 'in', label: 'inches' },
          ]}
          onChange={(length) => set({ length })}
        />
        <Choice
          label="Temperature"
          value={settings.temperature}
          options={[
            { value: 'c', label: '°C' },
            { value: 'f', label: '°F' },
          ]}
          onChange={(temperature) => set({ temperature })}
        />
        <Body>
          Films and fill lines are in mm: that is what a ruler beside a cup reads. Any field takes
          any unit you type.
        </Body>
        <Heading>Look</Heading>
        <Choice
          label="Theme"
          value={settings.theme}
          options={[
            { value: 'system', label: 'as the system' },
            { value: 'light', label: 'light' },
            { value: 'dark', label: 'dark' },
          ]}
          onChange={(theme) => set({ theme })}
        />
        <Choice
          label="Mat round colours"
          value={settings.mat}
          options={[
            { value: 'white', label: 'white' },
            { value: 'grey', label: 'mid grey' },
            { value: 'black', label: 'black' },
          ]}
          onChange={(mat) => set({ mat })}
        />
        <Heading>At the table</Heading>
        <Choice
          label="Chime when a timer is over"
          value={settings.chimes ? 'on' : 'off'}
          options={ON_OFF}
          onChange={(v) => set({ chimes: v === 'on' })}
        />
        <Choice
          label="Single-key shortcuts on a keyboard"
          value={settings.shortcuts ? 'on' : 'off'}
          options={ON_OFF}
          onChange={(v) => set({ shortcuts: v === 'on' })}
        />
        <Heading>Your words for thickness</Heading>
        {CONSISTENCIES.map(({ step, shows }) => (
          <TextField
            key={step}
            live
            label={`${step}: ${shows}`}
            shown={settings.consistencyNames[step] ?? ''}
            hint={`empty: “${step}”`}
            read={(text) => ({ ok: true, value: text.trim().slice(0, 24) })}
            onChange={(name) => {
              const { [step]: _, ...others } = settings.consistencyNames;
              set({ consistencyNames: name === '' ? others : { ...others, [step]: name } });
            }}
          />
        ))}
        <Heading>Your own figures</Heading>
        <NumberField
          label="Film that stays on my pieces, mm"
          value={settings.stayMm ?? FACTORS['film-stays'].usual}
          min={0.1}
          max={5}
          onChange={(stayMm) => set({ stayMm })}
        />
        <Body>
          Weigh a piece before and after a pour: grams left on it, divided by its area in cm² and by
          0.115, are mm. {trim(FACTORS['film-stays'].usual, 1)} mm is usual. It moves what runs off
          and how long a piece dries, in every plan.
        </Body>
        <Heading>Powders</Heading>
        <NumberField
          label="My scoop holds, mL"
          value={settings.scoopMl ?? SCOOP_ML}
          min={0.05}
          max={50}
          onChange={(scoopMl) => set({ scoopMl })}
        />
        <StudioCalendar />
        <OnThePhone />
        <StudioBin />
        <PicturesHeld />
        <StudioCopies />
      </View>
    </Screen>
  );
}
