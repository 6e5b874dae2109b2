import { behind } from '@/behind/behind';

export default behind(({ withPlan, TemplateScreen }) => withPlan(TemplateScreen));
