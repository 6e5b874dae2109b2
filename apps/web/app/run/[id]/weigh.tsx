export { CoatScreen as default } from '@/coat/coat-screen';
