export { ColoursStation as default } from '@/colours/colours-station';
