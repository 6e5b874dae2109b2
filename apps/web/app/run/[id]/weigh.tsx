import { behind } from '@/behind/behind';

export default behind(({ CoatScreen }) => CoatScreen);
