import { WeighScreen } from '@/weigh/weigh-screen';
import { withPlan } from '@/plan/with-plan';

export default withPlan(WeighScreen);
