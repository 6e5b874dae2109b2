import { withPlan } from '@/plan/with-plan';
import { MixesStation } from '@/mixes/mixes-station';

export default withPlan(MixesStation);
