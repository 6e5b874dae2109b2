import { behind } from '@/behind/behind';

export default behind(({ withPlan, OrderScreen }) => withPlan(OrderScreen));
