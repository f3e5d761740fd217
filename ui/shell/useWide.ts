import { useWindowDimensions } from 'react-native';

/** From here the section stays open beside the lists. */
export const WIDE_PX = 900;
export const useWide = (): boolean => useWindowDimensions().width >= WIDE_PX;
