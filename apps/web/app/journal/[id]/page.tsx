import { behind } from '@/behind/behind';

export default behind(({ PiecePage }) => PiecePage);
