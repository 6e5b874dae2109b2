export { StarterScreen as default } from '@/paints/starter-screen';
