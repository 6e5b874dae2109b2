import { behind } from '@/behind/behind';

export default behind(({ NewPlanScreen }) => NewPlanScreen);
