import { behind } from '@/behind/behind';

export default behind(({ withPlan, CardScreen }) => withPlan(CardScreen));
