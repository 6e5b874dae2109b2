import { behind } from '@/behind/behind';

export default behind(({ MakeScreen }) => MakeScreen);
