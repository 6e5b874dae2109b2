import { behind } from '@/behind/behind';

export default behind(({ SettingsScreen }) => SettingsScreen);
