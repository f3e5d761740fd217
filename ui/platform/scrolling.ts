/** Scrolling to a thing that has moved out of sight. */
import type { View } from 'react-native';

/** On the web a view is its element. */
const scroll = (view: View | null, block: ScrollLogicalPosition): void =>
  (view as unknown as HTMLElement | null)?.scrollIntoView?.({ block });

/** Brings a view to the middle of the screen. */
export const bringIntoView = (view: View | null): void => scroll(view, 'center');

/** Moves only as far as it must for the whole view to be seen. */
export const scrollIntoSight = (view: View | null): void => scroll(view, 'nearest');

/** How far below the top of the scrolling part a view stands now, px. */
export function belowTopPx(view: View | null, page: unknown): number {
  const top = (of: unknown): number | undefined => (of as HTMLElement | null)?.getBoundingClientRect?.().top;
  return (top(view) ?? 0) - (top(page) ?? 0);
}
