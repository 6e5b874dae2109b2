import { useWindowDimensions } from 'react-native';

/** Whether the rail and the columns fit; the same limit as the class prefix `wide:`. */
export const useWide = (): boolean => useWindowDimensions().width >= 1000;
