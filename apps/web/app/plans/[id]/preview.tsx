import { withPlan } from '@/plan/with-plan';
import { PreviewStation } from '@/preview/preview-station';

export default withPlan(PreviewStation, true);
