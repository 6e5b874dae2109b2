import { behind } from '@/behind/behind';

export default behind(({ BatchScreen }) => BatchScreen);
