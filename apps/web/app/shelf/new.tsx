export { NewPaintScreen as default } from '@/shelf/paint-screen';
