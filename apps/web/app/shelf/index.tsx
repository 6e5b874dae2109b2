export { ShelfScreen as default } from '@/shelf/shelf-screen';
