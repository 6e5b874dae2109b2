export { FinishStation as default } from '@/finish/finish-station';
