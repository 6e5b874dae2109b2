export { NewPlanScreen as default } from '@/plans/new-plan-screen';
