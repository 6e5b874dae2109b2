import { behind } from '@/behind/behind';

export default behind(({ withPlan, RunSheetScreen }) => withPlan(RunSheetScreen));
