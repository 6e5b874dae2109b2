import { withPlan } from '@/plan/with-plan';
import { PourStation } from '@/pour/pour-station';

export default withPlan(PourStation);
