import { ChooseScreen } from '@/choose/choose-screen';
import { withPlan } from '@/plan/with-plan';

export default withPlan(ChooseScreen);
