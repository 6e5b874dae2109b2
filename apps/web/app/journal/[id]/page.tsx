export { PiecePage as default } from '@/journal/piece-page';
