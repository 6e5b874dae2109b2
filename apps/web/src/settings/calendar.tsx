import { Text, View } from 'react-native';
import { useHome } from '@/data/home';
import { newId } from '@/data/new-id';
import { useChangeSettings, useSettings } from '@/data/settings';
import { Button } from '@/ui/button';
import { Body, Heading, Small } from '@/ui/type';

/** The studio's dates in a calendar: once as a file, or subscribed to at an address of its own. */
export function StudioCalendar() {
  const settings = useSettings();
  const change = useChangeSettings();
  const home = useHome();
  const { calendarFeed, ...rest } = settings;
  const bases = [location.origin, ...(home.data?.addresses ?? [])];
  return (
    <View className="gap-3" role="region" aria-label="Calendar">
      <Heading>Calendar</Heading>
      <Body>
        Pours and the days pieces are promised for, and what may be done to each as it dries, at the
        earliest.
      </Body>
      <View className="flex-row flex-wrap gap-2">
        <Button
          label="Save the dates as a calendar file"
          onPress={() => {
            const link = document.createElement('a');
            link.href = '/api/calendar.ics';
            link.download = 'Potter.ics';
            link.click();
          }}
        />
        <Button
          label={
            calendarFeed === undefined ? 'Make an address to subscribe to' : 'Take the address back'
          }
          onPress={() =>
            change(calendarFeed === undefined ? { ...rest, calendarFeed: newId() } : rest)
          }
        />
      </View>
      {calendarFeed === undefined ? null : (
        <View className="gap-2" aria-live="polite">
          {[...new Set(bases)].map((base) => (
            <Text key={base} selectable className="font-body text-16 text-ink">
              {`${base}/calendar/${calendarFeed}.ics`}
            </Text>
          ))}
          <Small>
            Whoever has this address reads the dates and nothing else. Calendars on this machine
            take the first; over the home network those that trust the studio’s certificate take the
            others. A calendar that is fetched by a service on the internet cannot reach either.
          </Small>
        </View>
      )}
    </View>
  );
}
