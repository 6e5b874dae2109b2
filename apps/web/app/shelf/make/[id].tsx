import { MakeScreen } from '@/make/make-screen';

export default MakeScreen;
