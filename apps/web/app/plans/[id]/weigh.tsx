import { behind } from '@/behind/behind';

export default behind(({ withPlan, WeighScreen }) => withPlan(WeighScreen));
