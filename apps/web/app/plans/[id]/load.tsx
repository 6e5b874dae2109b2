import { behind } from '@/behind/behind';

export default behind(({ withPlan, LoadScreen }) => withPlan(LoadScreen));
