export { BenchScreen as default } from '@/bench/bench-screen';
