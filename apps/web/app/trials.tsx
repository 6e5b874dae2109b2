export { TrialsScreen as default } from '@/trials/trials-screen';
