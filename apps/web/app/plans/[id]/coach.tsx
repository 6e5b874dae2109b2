import { behind } from '@/behind/behind';

export default behind(({ withPlan, CoachScreen }) => withPlan(CoachScreen));
