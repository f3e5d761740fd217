/** A long list drawn some pieces a frame, so that no single frame carries all of it. */
import { Children, type ReactNode } from 'react';
import { useGradually } from '../platform/gradually';

export function Gradual({ children, aFrame = 1 }: { children: ReactNode; aFrame?: number }) {
  const pieces = Children.toArray(children);
  return <>{pieces.slice(0, aFrame * useGradually(Math.ceil(pieces.length / aFrame)))}</>;
}
