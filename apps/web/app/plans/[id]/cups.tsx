import { withPlan } from '@/plan/with-plan';
import { CupsStation } from '@/cups/cups-station';

export default withPlan(CupsStation);
