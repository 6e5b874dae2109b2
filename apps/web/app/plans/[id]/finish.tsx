import { withPlan } from '@/plan/with-plan';
import { FinishStation } from '@/finish/finish-station';

export default withPlan(FinishStation);
