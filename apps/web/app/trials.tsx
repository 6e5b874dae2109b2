import { behind } from '@/behind/behind';

export default behind(({ TrialsScreen }) => TrialsScreen);
