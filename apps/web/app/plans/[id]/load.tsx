import { LoadScreen } from '@/cups/load-screen';
import { withPlan } from '@/plan/with-plan';

export default withPlan(LoadScreen);
