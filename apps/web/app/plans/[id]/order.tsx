import { OrderScreen } from '@/order/order-screen';
import { withPlan } from '@/plan/with-plan';

export default withPlan(OrderScreen);
