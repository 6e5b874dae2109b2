export { MovesStation as default } from '@/moves/moves-station';
