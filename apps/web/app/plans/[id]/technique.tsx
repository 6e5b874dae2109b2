import { withPlan } from '@/plan/with-plan';
import { TechniqueScreen } from '@/techniques/technique-screen';

export default withPlan(TechniqueScreen);
