import { behind } from '@/behind/behind';

export default behind(({ withPlan, LevelScreen }) => withPlan(LevelScreen));
