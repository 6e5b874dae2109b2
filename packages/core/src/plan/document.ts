/** Schemas of whole documents, for those who compile validators. Kept apart from `index.ts`, so that screens do not load them. */
export { Id, tagged } from '../field/schema';
export { MaterialSchema, MediumSchema } from '../material/schema';
export { PaintSchema } from '../paint/schema';
export { VesselSchema } from '../vessel/schema';
export { PlanSchema } from './schema';
export { StudioSchema } from './studio';
