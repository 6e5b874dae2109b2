export { WatchPiece as default } from '@/watch/watch-piece';
