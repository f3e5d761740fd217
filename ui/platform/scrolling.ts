/** Scrolling to a thing that has moved out of sight. */
import type { View } from 'react-native';

/** Brings a view to the middle of the screen; on the web a view is its element. */
export function bringIntoView(view: View | null): void {
  (view as unknown as HTMLElement | null)?.scrollIntoView?.({ block: 'center' });
}
