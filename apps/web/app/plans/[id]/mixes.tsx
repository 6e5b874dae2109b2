import { behind } from '@/behind/behind';

export default behind(({ withPlan, MixesStation }) => withPlan(MixesStation));
