import { WAITING_IDS, WAITINGS } from '@potter/core/schedule';
import type { House } from '@potter/core/rack';
import { View } from 'react-native';
import { useChangeSettings, useSettings } from '@/data/settings';
import { Choice } from '@/ui/choice';
import { NumberField, QuantityField } from '@/ui/quantity-field';
import { Section } from '@/ui/section';
import { Ticked } from '@/ui/ticked';
import { TimeField } from '@/ui/time-field';
import { Body, Small } from '@/ui/type';
import { YesNo } from '@/ui/yes-no';

const DAYS = ['Sun', 'Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat'] as const;
/** A week as it is read: it begins with Monday. */
const WEEK = [1, 2, 3, 4, 5, 6, 0] as const;
const BOARDS = { count: 3, widthMm: 1000, depthMm: 500 };

/** Where pieces lie, and when somebody is at the table. */
export function HouseSection({ house }: { readonly house: House }) {
  const settings = useSettings();
  const change = useChangeSettings();
  const set = (part: Partial<House>) => change({ ...settings, house: { ...house, ...part } });
  const { boards } = house;
  const { waiting, ...others } = settings;
  return (
    <Section title="Room and hours" says={inShort(house)}>
      <YesNo
        label="Room on the rack counts"
        value={boards !== undefined}
        onChange={(on) => {
          const { boards: _, ...rest } = house;
          change({ ...settings, house: on ? { ...rest, boards: BOARDS } : rest });
        }}
      />
      {boards ? (
        <View className="flex-row flex-wrap gap-3">
          <NumberField
            className="min-w-[88px] flex-1"
            label="Boards"
            value={boards.count}
            min={1}
            max={200}
            decimals={0}
            onChange={(count) => set({ boards: { ...boards, count } })}
          />
          <QuantityField
            className="min-w-[88px] flex-1"
            label="Wide"
            dimension="length"
            unit="cm"
            value={boards.widthMm}
            min={100}
            max={10_000}
            onChange={(widthMm) => set({ boards: { ...boards, widthMm } })}
          />
          <QuantityField
            className="min-w-[88px] flex-1"
            label="Deep"
            dimension="length"
            unit="cm"
            value={boards.depthMm}
            min={100}
            max={10_000}
            onChange={(depthMm) => set({ boards: { ...boards, depthMm } })}
          />
        </View>
      ) : null}
      <Body>Pieces lie flat until they are dry to the touch, 2 cm apart; then they stand.</Body>
      <Small>Days somebody works on</Small>
      <View className="flex-row flex-wrap gap-2">
        {WEEK.map((day) => (
          <Ticked
            key={day}
            label={DAYS[day]}
            on={house.workDays.includes(day)}
            onPress={() => {
              const next = house.workDays.includes(day)
                ? house.workDays.filter((d) => d !== day)
                : [...house.workDays, day].sort();
              if (next.length > 0) set({ workDays: next });
            }}
          />
        ))}
      </View>
      <View className="flex-row flex-wrap gap-3">
        <TimeField label="From" value={house.from} onChange={(from) => set({ from })} />
        <TimeField label="To" value={house.to} onChange={(to) => set({ to })} />
        <NumberField
          className="min-w-[88px] flex-1"
          label="Pours a day"
          value={house.perDay}
          min={1}
          max={20}
          decimals={0}
          onChange={(perDay) => set({ perDay })}
        />
        <NumberField
          className="min-w-[88px] flex-1"
          label="An order takes, days"
          value={house.orderDays}
          min={0}
          max={365}
          decimals={0}
          onChange={(orderDays) => set({ orderDays })}
        />
      </View>
      <Choice
        label="New plans wait before a coat"
        value={waiting ?? 'both'}
        options={[
          ...WAITING_IDS.map((id) => ({ value: id as string, label: WAITINGS[id].title })),
          { value: 'both', label: 'A day to a week' },
        ]}
        onChange={(to) => {
          const id = WAITING_IDS.find((one) => one === to);
          change(id ? { ...others, waiting: id } : others);
        }}
      />
    </Section>
  );
}

function inShort({ boards, workDays, from, to }: House): string {
  const room = boards
    ? `${boards.count} ${boards.count === 1 ? 'board' : 'boards'} of ${boards.widthMm / 10} × ${boards.depthMm / 10} cm`
    : 'As much room as there is';
  const days =
    workDays.length === 7
      ? 'every day'
      : WEEK.filter((d) => workDays.includes(d))
          .map((d) => DAYS[d])
          .join(', ');
  return `${room}; ${days}, ${from} to ${to}`;
}
