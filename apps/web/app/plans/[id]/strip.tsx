import { StripScreen } from '@/template/strip-screen';
import { withPlan } from '@/plan/with-plan';

export default withPlan(StripScreen);
