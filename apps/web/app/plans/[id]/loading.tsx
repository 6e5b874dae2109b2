import { LoadingScreen } from '@/cups/loading-screen';
import { withPlan } from '@/plan/with-plan';

export default withPlan(LoadingScreen);
