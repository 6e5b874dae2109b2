export { SettingsScreen as default } from '@/settings/settings-screen';
