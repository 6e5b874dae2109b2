import { behind } from '@/behind/behind';

export default behind(({ withPlan, WaysScreen }) => withPlan(WaysScreen));
