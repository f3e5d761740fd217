/** The cast that the cadence under the fingers makes. Lives as long as it is edited: it is a sketch, not a record. */
import { create } from 'zustand';
import type { Track } from '../../core/planning/plan/track';

const live = create<{ track: Track | null }>(() => ({ track: null }));

export const showLivePath = (track: Track | null): void => live.setState({ track });
export const useLivePath = (): Track | null => live((s) => s.track);
