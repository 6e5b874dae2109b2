import { CoachScreen } from '@/coach/coach-screen';
import { withPlan } from '@/plan/with-plan';

export default withPlan(CoachScreen);
