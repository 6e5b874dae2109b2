export { PourStation as default } from '@/pour/pour-station';
