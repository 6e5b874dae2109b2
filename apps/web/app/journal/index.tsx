export { JournalScreen as default } from '@/journal/journal-screen';
