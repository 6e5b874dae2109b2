import { behind } from '@/behind/behind';

export default behind(({ StarterScreen }) => StarterScreen);
