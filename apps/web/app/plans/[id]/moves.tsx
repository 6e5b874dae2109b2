import { behind } from '@/behind/behind';

export default behind(({ withPlan, MovesStation }) => withPlan(MovesStation));
