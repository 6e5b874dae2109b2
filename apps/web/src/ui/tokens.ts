import { useColorScheme } from 'react-native';
import tokens from '../../tokens.json';

/** Colours of the interface as values, for drawings; screens use the class names made from the same file. */
export type Tokens = (typeof tokens)['light'];

export function useTokens(): Tokens {
  return useColorScheme() === 'dark' ? tokens.dark : tokens.light;
}
