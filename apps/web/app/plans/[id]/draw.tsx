import { DrawScreen } from '@/moves/draw-screen';
import { withPlan } from '@/plan/with-plan';

export default withPlan(DrawScreen);
