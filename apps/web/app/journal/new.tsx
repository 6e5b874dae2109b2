export { NewPieceScreen as default } from '@/journal/new-piece-screen';
