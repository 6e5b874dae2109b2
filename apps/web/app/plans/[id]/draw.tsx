import { behind } from '@/behind/behind';

export default behind(({ withPlan, DrawScreen }) => withPlan(DrawScreen));
