import { behind } from '@/behind/behind';

export default behind(({ withPlan, LoadingScreen }) => withPlan(LoadingScreen));
