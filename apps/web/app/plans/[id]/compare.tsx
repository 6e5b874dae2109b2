export { CompareScreen as default } from '@/compare/compare-screen';
