import { withPlan } from '@/plan/with-plan';
import { MovesStation } from '@/moves/moves-station';

export default withPlan(MovesStation);
