export { EntryScreen as default } from '@/journal/entry-screen';
