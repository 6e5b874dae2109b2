import { stationOf } from './stations';

test.each([
  ['/surface/edgeDepthMm', 'surface'],
  ['/budget', 'surface'],
  ['/budget/pots/0', 'surface'],
  ['/budget/shares/2', 'colours'],
  ['/mixes/1/consistency', 'mixes'],
  ['/cups/0/layers/3', 'cups'],
])('a remark about %s is settled at %s', (about, station) =>
  expect(stationOf(about).id).toBe(station),
);
