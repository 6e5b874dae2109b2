import { behind } from '@/behind/behind';

export default behind(({ withPlan, TechniqueScreen }) => withPlan(TechniqueScreen));
