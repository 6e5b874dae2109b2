import { behind } from '@/behind/behind';

export default behind(({ EntryScreen }) => EntryScreen);
