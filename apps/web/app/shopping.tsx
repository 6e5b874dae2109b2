import { behind } from '@/behind/behind';

export default behind(({ ShoppingScreen }) => ShoppingScreen);
