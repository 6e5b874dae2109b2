import { behind } from '@/behind/behind';

export default behind(({ withPlan, CupsStation }) => withPlan(CupsStation));
