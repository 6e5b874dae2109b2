import { behind } from '@/behind/behind';

export default behind(({ withPlan, ChipScreen }) => withPlan(ChipScreen));
