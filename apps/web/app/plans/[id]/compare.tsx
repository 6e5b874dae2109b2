import { behind } from '@/behind/behind';

export default behind(({ withPlan, CompareScreen }) => withPlan(CompareScreen));
