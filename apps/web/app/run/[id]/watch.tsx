export { WatchRun as default } from '@/watch/watch-run';
