import { behind } from '@/behind/behind';

export default behind(({ RackScreen }) => RackScreen);
