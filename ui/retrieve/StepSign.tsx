/** Our notation: a bar is turning (taller is faster), a peak a twitch, a dome a pop, dots are seconds of hanging. */
import { Circle, G, Path, Rect } from '../platform/shapes';
import type { Beat } from '../../core/planning/cadence/cadence';
import { useTheme } from '../theme/theme';

export const CADENCE_HEIGHT = 92;
/** The line that the signs stand on, from the top. */
export const BASE = 58;

/** The sign of one step between x0 and x1. */
export function StepSign({
  step,
  x0,
  x1,
}: {
  step: Pick<Beat, 'kind' | 'durationS' | 'handleTurns'>;
  x0: number;
  x1: number;
}) {
  const { p } = useTheme();
  const w = Math.max(2, x1 - x0);
  const mid = (x0 + x1) / 2;
  const dots = Math.max(1, Math.round(step.durationS));
  switch (step.kind) {
    case 'turn':
    case 'burn': {
      const speed = step.handleTurns / step.durationS;
      const h = Math.min(34, 6 + 14 * speed);
      return <Rect x={x0 + 1} y={BASE - h} width={Math.max(1, w - 2)} height={h} rx={3} fill={p.moss} />;
    }
    case 'pause':
      return (
        <G>
          {Array.from({ length: dots }, (_, i) => (
            <Circle key={i} cx={x0 + (w * (i + 0.5)) / dots} cy={BASE - 8} r={2.6} fill={p.soft} />
          ))}
        </G>
      );
    case 'twitch':
    case 'snap':
      return <Path d={`M${mid - 8} ${BASE}L${mid} ${BASE - 36}L${mid + 8} ${BASE}z`} fill={p.copper} />;
    case 'pop':
      return <Path d={`M${mid - 10} ${BASE}q10 -58 20 0z`} fill={p.copper} />;
    case 'hop':
      return (
        <Path
          d={`M${mid - 9} ${BASE}q9 -46 18 0`}
          stroke={p.copper}
          strokeWidth={3.5 * p.stroke}
          fill="none"
          strokeLinecap="round"
        />
      );
    case 'lift':
      return (
        <Path
          d={`M${x0} ${BASE}L${x1} ${BASE - 34}`}
          stroke={p.copper}
          strokeWidth={4 * p.stroke}
          strokeLinecap="round"
        />
      );
    case 'drop':
      return (
        <Path
          d={`M${x0} ${BASE - 34}L${x1} ${BASE}`}
          stroke={p.soft}
          strokeWidth={3 * p.stroke}
          strokeDasharray="2 6"
          strokeLinecap="round"
        />
      );
    case 'shake':
      return (
        <Path
          d={`M${x0} ${BASE}${'l4 -14l4 14'.repeat(Math.max(1, Math.floor(w / 8)))}`}
          stroke={p.copper}
          strokeWidth={2.4 * p.stroke}
          fill="none"
        />
      );
    default:
      return <Path d={`M${x0} ${BASE}L${x1} ${BASE - 20}V${BASE}z`} fill={p.copper} />;
  }
}
