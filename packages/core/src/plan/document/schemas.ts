export { LandingSchema } from '../../mix/landing';
/** Schemas of whole documents, for those who compile validators. Kept apart from `index.ts`, so that screens do not load them. */
export { PlanSchema } from './schema';
export { StudioSchema } from './studio';
export { LessonLearntSchema } from '../../remark/lesson-schema';
