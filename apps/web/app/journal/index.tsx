import { behind } from '@/behind/behind';

export default behind(({ JournalScreen }) => JournalScreen);
