import { behind } from '@/behind/behind';

export default behind(({ ShelfScreen }) => ShelfScreen);
