import { withPlan } from '@/plan/with-plan';
import { WaysScreen } from '@/ways/ways-screen';

export default withPlan(WaysScreen);
