/** Scrolling to a thing that has moved out of sight. */
import type { View } from 'react-native';

/** On the web a view is its element. */
const scroll = (view: View | null, block: ScrollLogicalPosition): void => (view as unknown as HTMLElement | null)?.scrollIntoView?.({ block });

/** Brings a view to the middle of the screen. */
export const bringIntoView = (view: View | null): void => scroll(view, 'center');

/** Moves only as far as it must for the whole view to be seen. */
export const scrollIntoSight = (view: View | null): void => scroll(view, 'nearest');
