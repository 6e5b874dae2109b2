export { CupsStation as default } from '@/cups/cups-station';
