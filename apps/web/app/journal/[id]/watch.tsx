import { behind } from '@/behind/behind';

export default behind(({ WatchPiece }) => WatchPiece);
