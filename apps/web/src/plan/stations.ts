import { stageMoves } from '@potter/core/journal';
import type { Brief, Plan } from '@potter/core/plan';
import { trim } from '@potter/core/quantity';
import { sizeWords } from '@potter/core/surface';
import { chosenTechnique } from '@potter/core/technique';
import { dayWords } from '@/ui/day-words';

export interface Station {
  readonly id: 'surface' | 'colours' | 'mixes' | 'cups' | 'moves' | 'preview' | 'pour' | 'finish';
  readonly name: string;
  /** The one figure that tells where this station stands. */
  readonly key: (plan: Plan, brief: Brief) => string;
  /** Which remarks are settled here, by the start of what they are about. */
  readonly about: readonly string[];
}

/** The stations of a plan, in the order people work. To add one: a screen, and a line here. */
export const STATIONS: readonly Station[] = [
  {
    id: 'surface',
    name: 'Surface',
    key: ({ surface }) => sizeWords(surface.shape, 'mm'),
    about: ['/surface', '/budget'],
  },
  {
    id: 'colours',
    name: 'Colours',
    key: ({ budget }) =>
      budget.shares.length === 1 ? '1 colour' : `${budget.shares.length} colours`,
    about: ['/budget/shares'],
  },
  {
    id: 'mixes',
    name: 'Mixes',
    key: (_, { mixes }) => [...new Set(mixes.map((m) => m.consistency))].join(', '),
    about: ['/mixes'],
  },
  {
    id: 'cups',
    name: 'Cups',
    key: (_, { cups }) =>
      `${cups.length === 1 ? '1 cup' : `${cups.length} cups`}, ${trim(
        cups.reduce((sum, c) => sum + c.filledMl, 0),
        0,
      )} mL`,
    about: ['/cups'],
  },
  {
    id: 'moves',
    name: 'Moves',
    key: (plan) => chosenTechnique(plan).name.toLowerCase(),
    about: ['/moves', '/technique'],
  },
  {
    id: 'preview',
    name: 'Preview',
    key: ({ seed }) => `seed ${seed ?? 1}`,
    about: ['/seed'],
  },
  { id: 'pour', name: 'Pour', key: (plan) => `${stageMoves(plan).length} moves`, about: [] },
  {
    id: 'finish',
    name: 'Finish',
    key: (_, { schedule }) => {
      const cured = schedule.find((e) => e.act === 'cured');
      return cured ? `cured from ${dayWords(cured.from)}` : '';
    },
    about: ['/dates', '/room'],
  },
];

/** The station a remark is settled at: the one whose start fits it most closely. */
export function stationOf(about: string): Station {
  const fit = (station: Station) =>
    Math.max(0, ...station.about.filter((a) => about.startsWith(a)).map((a) => a.length));
  return STATIONS.reduce((best, station) => (fit(station) > fit(best) ? station : best));
}
