import { useWindowDimensions } from 'react-native';
import { WIDE_FROM } from './tokens';

/** True where things stand side by side. */
export const useWide = (): boolean => useWindowDimensions().width >= WIDE_FROM;
