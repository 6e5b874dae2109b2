import { withPlan } from '@/plan/with-plan';
import { CardScreen } from '@/template/card-screen';

export default withPlan(CardScreen);
