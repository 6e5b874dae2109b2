export { NotHereScreen as default } from '@/behind/not-here';
