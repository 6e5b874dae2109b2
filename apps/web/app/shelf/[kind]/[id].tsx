import { behind } from '@/behind/behind';

export default behind(({ ShelfItemScreen }) => ShelfItemScreen);
