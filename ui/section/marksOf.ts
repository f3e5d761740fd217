/** Where on the path of the cast the marks of today's events stand. */
import type { Track } from '../../core/planning/plan/track';
import type { StrikeEvent } from '../../core/records/event';
import type { SectionMark } from './model';

/** Events along the path: at the middle of their phase, spread a little so that none hides another. */
export function marksOf(
  events: readonly Pick<StrikeEvent, 'id' | 'kind' | 'phase' | 'depthM'>[],
  path: Pick<Track, 'phase' | 'xM' | 'depthM'>,
): SectionMark[] {
  const used = new Map<string, number>();
  const everywhere = path.phase.map((_, i) => i);
  // Once a phase, not once an event: a day may have hundreds.
  const placesOf = new Map<string, number[]>(
    [...new Set(path.phase)].map((phase) => [phase, everywhere.filter((i) => path.phase[i] === phase)]),
  );
  return events.map((e) => {
    const phase = e.phase ?? 'move';
    const places = placesOf.get(phase) ?? everywhere;
    const n = used.get(phase) ?? 0;
    used.set(phase, n + 1);
    // Golden-ratio stepping keeps marks apart however many there are.
    const i = places[Math.floor(((0.5 + n * 0.618) % 1) * places.length)]!;
    return { id: e.id, kind: e.kind, xM: path.xM[i]!, depthM: Math.max(0.05, e.depthM ?? path.depthM[i]!) };
  });
}
