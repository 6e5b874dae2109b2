import { TemplateScreen } from '@/template/template-screen';
import { withPlan } from '@/plan/with-plan';

export default withPlan(TemplateScreen);
