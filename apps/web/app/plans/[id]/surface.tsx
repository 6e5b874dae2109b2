import { behind } from '@/behind/behind';

export default behind(({ withPlan, SurfaceStation }) => withPlan(SurfaceStation));
