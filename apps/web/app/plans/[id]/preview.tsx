import { behind } from '@/behind/behind';

export default behind(({ withPlan, PreviewStation }) => withPlan(PreviewStation, true));
