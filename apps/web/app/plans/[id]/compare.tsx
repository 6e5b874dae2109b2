import { CompareScreen } from '@/compare/compare-screen';
import { withPlan } from '@/plan/with-plan';

export default withPlan(CompareScreen);
