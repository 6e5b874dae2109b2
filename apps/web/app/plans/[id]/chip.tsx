import { ChipScreen } from '@/colours/chip-screen';
import { withPlan } from '@/plan/with-plan';

export default withPlan(ChipScreen);
