/** A long list drawn one piece a frame, so that no single frame carries all of it. */
import { Children, type ReactNode } from 'react';
import { useGradually } from '../platform/gradually';

export function Gradual({ children }: { children: ReactNode }) {
  const pieces = Children.toArray(children);
  return <>{pieces.slice(0, useGradually(pieces.length))}</>;
}
