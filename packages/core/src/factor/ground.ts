import type { FactorDefinition } from './define';

/** What holds paint back where it runs. */
export const GROUND = [
  {
    id: 'front-stops',
    says: 'a front on dry primed ground stops at',
    unit: 'mm',
    usual: 0.9,
    least: 0.05,
    most: 5,
    source: 'estimate; theory gives 1.0 to 1.8 mm (science-flow)',
    taughtBy: 'places that stayed bare against the preview',
  },
  {
    id: 'edge-holds',
    says: 'a dry edge holds back',
    unit: 'mm',
    usual: 1.2,
    least: 0.05,
    most: 10,
    source: 'our own closure, not validated',
    taughtBy: 'when paint first ran over, by the film behind the edge',
  },
  {
    id: 'wet-edge-holds',
    says: 'of that, what an edge still holds back once paint has gone over',
    unit: 'share',
    usual: 0.35,
    least: 0,
    most: 1,
    source: 'our own closure, not validated',
    taughtBy: 'what ran off against the preview',
  },
] as const satisfies readonly FactorDefinition[];
