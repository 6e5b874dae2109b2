export { ShoppingScreen as default } from '@/shopping/shopping-screen';
