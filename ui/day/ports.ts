import type { Committer } from '../../data/useBook';

/** What every action works with. */
export interface ActionPorts extends Committer {
  /** The day's own clock this instant, whole ms. */
  now: () => number;
}
