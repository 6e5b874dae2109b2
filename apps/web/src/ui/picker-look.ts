import { useTheme, useTokens } from './tokens';

/** How the device's own pickers of days and times look, like the fields they stand among. */
export function usePickerLook() {
  const { raised, ink, outline } = useTokens();
  return {
    minHeight: 44,
    minWidth: 0,
    boxSizing: 'border-box',
    padding: 8,
    border: `1px solid ${outline}`,
    borderRadius: 0,
    background: raised,
    color: ink,
    font: '700 18px AtkinsonHyperlegibleNext_700Bold',
    colorScheme: useTheme(),
  } as const;
}
