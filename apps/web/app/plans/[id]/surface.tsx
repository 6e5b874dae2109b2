export { SurfaceStation as default } from '@/surface/surface-station';
