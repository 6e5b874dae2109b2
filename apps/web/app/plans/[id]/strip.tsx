import { behind } from '@/behind/behind';

export default behind(({ withPlan, StripScreen }) => withPlan(StripScreen));
