export { PaintScreen as default } from '@/shelf/paint-screen';
