import { withPlan } from '@/plan/with-plan';
import { ColoursStation } from '@/colours/colours-station';

export default withPlan(ColoursStation);
