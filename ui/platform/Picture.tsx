/**
 * A picture as the browser's own image: the library's stands on a background, which browsers leave out when they print.
 */
import type { CSSProperties } from 'react';

export const Picture = ({ url, alt, style }: { url: string; alt: string; style: CSSProperties }) => (
  <img src={url} alt={alt} style={{ display: 'block', ...style }} />
);
