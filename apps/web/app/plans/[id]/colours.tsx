import { behind } from '@/behind/behind';

export default behind(({ withPlan, ColoursStation }) => withPlan(ColoursStation));
