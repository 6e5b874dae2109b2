import { readHumidity, readTemperature } from '@potter/core/climate';
import { overAir } from '@/data/over-air';
import type { ClimateSource, RoomReading } from './climate-source';

let seen: Partial<RoomReading> = {};
let reading: RoomReading | undefined;

function heard(part: Partial<RoomReading>): void {
  seen = { ...seen, ...part };
  const { tempC, rh } = seen;
  if (tempC === undefined || rh === undefined) return;
  reading = { tempC, rh };
  airThermometer.tell();
}

const forget = (): void => {
  seen = {};
  reading = undefined;
};

/** A thermometer with a hygrometer over the air, by the standard profile for surroundings. */
export const airThermometer = overAir({
  called: 'thermometer',
  service: 'environmental_sensing',
  hears: {
    temperature: (bytes) => {
      const tempC = readTemperature(bytes);
      if (tempC !== undefined) heard({ tempC });
    },
    humidity: (bytes) => {
      const rh = readHumidity(bytes);
      if (rh !== undefined) heard({ rh });
    },
  },
  onFound: forget,
  onLost: forget,
});

export const bluetoothThermometer: ClimateSource = {
  read: () => reading,
  subscribe: airThermometer.subscribe,
};
