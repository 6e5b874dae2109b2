export { BatchScreen as default } from '@/batch/batch-screen';
