import { behind } from '@/behind/behind';

export default behind(({ withPlan, PourStation }) => withPlan(PourStation));
