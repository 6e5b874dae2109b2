export { PlansScreen as default } from '@/plans/plans-screen';
