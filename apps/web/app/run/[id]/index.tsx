export { RunScreen as default } from '@/run/run-screen';
