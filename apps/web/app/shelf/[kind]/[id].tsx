export { ShelfItemScreen as default } from '@/shelf/shelf-item-screen';
