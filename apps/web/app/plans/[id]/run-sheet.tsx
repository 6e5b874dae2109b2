import { withPlan } from '@/plan/with-plan';
import { RunSheetScreen } from '@/template/run-sheet-screen';

export default withPlan(RunSheetScreen);
