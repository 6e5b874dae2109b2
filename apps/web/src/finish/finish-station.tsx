import { finishMoves } from '@potter/core/journal';
import { edit as edits } from '@potter/core/plan';
import { View } from 'react-native';
import { nameIn } from '@/data/name-in';
import { usePlan } from '@/plan/plan-context';
import { CostLine } from '@/shopping/cost-line';
import { StationScreen } from '@/plan/station-screen';
import { ReadRoom } from '@/climate/read-room';
import { DateField } from '@/ui/date-field';
import { NumberField } from '@/ui/quantity-field';
import { Body, Heading, Small, Strong } from '@/ui/type';
import { Mass, toC, toF, useUnits } from '@/ui/units';
import { dayWords } from '@/ui/day-words';
import { actWords, WAITING_IDS, WAITINGS } from '@potter/core/schedule';
import { useRouter } from 'expo-router';
import { Button } from '@/ui/button';
import { Choice } from '@/ui/choice';
import { RackBar } from './rack-bar';
import { AddCoat } from './add-coat';
import { ForWhom } from './for-whom';
import { LastPour } from './last-pour';
import { LastTasks } from './last-tasks';
import { AddDots, Stages } from './stages';

/** What comes after the pour: the days of drying, and the moves that finish the piece. */
export function FinishStation() {
  const { plan, brief, edit, id } = usePlan();
  const router = useRouter();
  const finishing = finishMoves(plan);
  const fahrenheit = useUnits().temperature === 'f';
  const room = plan.room ?? { tempC: 20, rh: 50 };
  return (
    <StationScreen station="finish">
      <View className="flex-row flex-wrap gap-3">
        <DateField
          className="min-w-[240px] flex-1"
          label="Pour on"
          value={plan.dates?.pour}
          onChange={(pour) => edit((p) => edits.setDates(p, { pour }), 'pour')}
        />
        <DateField
          className="min-w-[240px] flex-1"
          day
          label="Promised for"
          value={plan.dates?.due}
          onChange={(due) => edit((p) => edits.setDates(p, { due }), 'due')}
        />
      </View>
      <View className="flex-row gap-3">
        <NumberField
          className="flex-1"
          label={fahrenheit ? 'Room, °F' : 'Room, °C'}
          value={fahrenheit ? toF(room.tempC) : room.tempC}
          min={fahrenheit ? toF(-10) : -10}
          max={fahrenheit ? toF(50) : 50}
          decimals={0}
          onChange={(t) =>
            edit((p) => ({ ...p, room: { ...room, tempC: fahrenheit ? toC(t) : t } }), 'temp')
          }
        />
        <NumberField
          className="flex-1"
          label="Damp, %"
          value={room.rh}
          min={0}
          max={100}
          decimals={0}
          onChange={(rh) => edit((p) => ({ ...p, room: { ...room, rh } }), 'rh')}
        />
      </View>
      <ReadRoom
        onTake={({ tempC, rh }) =>
          edit(
            (p) => ({
              ...p,
              // To what a plan can hold: its fields go by whole degrees.
              room: { tempC: Math.min(50, Math.max(-10, Math.round(tempC))), rh: Math.round(rh) },
            }),
            'room',
          )
        }
      />
      <Choice
        label="Wait before a coat"
        value={plan.waiting ?? 'both'}
        options={[
          ...WAITING_IDS.map((id) => ({ value: id as string, label: WAITINGS[id].title })),
          { value: 'both', label: 'A day to a week' },
        ]}
        onChange={(to) =>
          edit((p) =>
            edits.setWaiting(
              p,
              WAITING_IDS.find((id) => id === to),
            ),
          )
        }
      />
      <LastPour />
      <Heading>The days after</Heading>
      <RackBar schedule={brief.schedule} />
      <View role="list">
        {brief.schedule
          .filter((e) => e.act !== 'pour')
          .map((entry) => (
            <View
              role="listitem"
              key={`${entry.act} ${entry.stage ?? 0}`}
              className="min-h-[52px] flex-row items-center gap-3 border-b border-rule py-2"
            >
              <View className="min-w-0 flex-1">
                <Strong>{actWords(entry)}</Strong>
                <Small>{entry.why}</Small>
              </View>
              <View className="items-end">
                <Body>
                  {dayWords(entry.from)}, {entry.from.slice(11)}
                </Body>
                {entry.to !== entry.from ? <Small>at the latest {dayWords(entry.to)}</Small> : null}
              </View>
            </View>
          ))}
      </View>
      <Heading>Finishing moves</Heading>
      {finishing.length === 0 ? <Body>None yet.</Body> : null}
      <View role="list">
        {finishing.map((move) => {
          const step = brief.run.find((s) => s.move === move.id);
          return (
            <View
              role="listitem"
              key={move.id}
              className="min-h-[52px] flex-row items-center gap-3 border-b border-rule py-2"
            >
              <View className="min-w-0 flex-1">
                <Strong>{step?.title}</Strong>
                <Small>{step?.says}</Small>
              </View>
              {step?.takes.map((take, i) => (
                <Mass key={i} g={take.g} />
              ))}
            </View>
          );
        })}
      </View>
      <Stages />
      <AddCoat />
      <AddDots />
      <LastTasks />
      <ForWhom />
      <Button
        className="self-start"
        label="Label and care card"
        onPress={() => router.push(`/plans/${id}/card`)}
      />
      <Heading>What it costs</Heading>
      <CostLine
        title={plan.surface.pieces > 1 ? 'The whole set' : 'This piece'}
        brief={brief}
        nameOf={nameIn(plan)}
      />
      <Small>
        Times are estimates from film, room and practice; the product’s own sheet decides.
      </Small>
    </StationScreen>
  );
}
