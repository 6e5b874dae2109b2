export { MixesStation as default } from '@/mixes/mixes-station';
