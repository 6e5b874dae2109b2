import { behind } from '@/behind/behind';

export default behind(({ withPlan, FinishStation }) => withPlan(FinishStation));
