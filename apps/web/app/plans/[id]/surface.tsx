import { withPlan } from '@/plan/with-plan';
import { SurfaceStation } from '@/surface/surface-station';

export default withPlan(SurfaceStation);
