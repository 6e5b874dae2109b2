import { behind } from '@/behind/behind';

export default behind(({ withPlan, ChooseScreen }) => withPlan(ChooseScreen));
