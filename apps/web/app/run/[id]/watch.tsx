import { behind } from '@/behind/behind';

export default behind(({ WatchRun }) => WatchRun);
