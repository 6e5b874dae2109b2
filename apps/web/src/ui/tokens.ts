import { useColorScheme } from 'react-native';
import { useSettings } from '@/data/settings';
import tokens from '../../tokens.json';

/** Colours of the interface as values, for drawings; screens use the class names made from the same file. */
export type Tokens = (typeof tokens)['light'];

/** The theme in force: the studio's choice, else the system's. */
export function useTheme(): 'light' | 'dark' {
  const system = useColorScheme();
  const { theme } = useSettings();
  return theme === 'system' ? (system === 'dark' ? 'dark' : 'light') : theme;
}

export const useTokens = (): Tokens => tokens[useTheme()];
