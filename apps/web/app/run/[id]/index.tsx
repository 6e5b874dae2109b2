import { behind } from '@/behind/behind';

export default behind(({ RunScreen }) => RunScreen);
