import { LevelScreen } from '@/level/level-screen';
import { withPlan } from '@/plan/with-plan';

export default withPlan(LevelScreen);
