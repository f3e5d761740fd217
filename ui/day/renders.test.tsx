/**
 * A cast changes the log and the mood; whoever reads the water, the ranking, the kit or the plan is not drawn anew for
 * it.
 */
import { QueryClientProvider } from '@tanstack/react-query';
import { act, render, waitFor } from '@testing-library/react-native';
import { createQueryClient } from '../../data/queryClient';
import { buildDemoWorld } from '../../demo/world';
import * as contexts from './contexts';
import { DayProvider } from './DayProvider';
import { touchOver } from './lastTouch';

const NOW_MS = 1_790_000_000_000;

jest.mock('../platform/clock', () => ({
  appNowMs: () => 1_790_000_000_000,
  realNowMs: () => 1_790_000_000_000,
  useNow: () => 1_790_000_000_000,
}));
jest.mock('../platform/persistence', () => ({ askToKeep: async () => undefined }));
jest.mock('../../data/deviceKeeper', () => {
  const { createKeeper } = jest.requireActual<typeof import('../../data/keeper')>('../../data/keeper');
  const { memoryStore } = jest.requireActual<typeof import('../../data/memoryStore')>('../../data/memoryStore');
  const store = memoryStore();
  const keeper = createKeeper({
    store: () => store,
    alone: (run) => run(),
    tell: () => {},
    hear: () => {},
    trouble: () => {},
  });
  return { deviceKeeper: () => keeper };
});
// The workers' answers, from the same core: the ranking of the demo's box, which one cast more does not turn.
jest.mock('../../workers/client', () => {
  const { rankLures } = jest.requireActual<typeof import('../../core/ranking/rank')>('../../core/ranking/rank');
  const { planRetrieve } = jest.requireActual<typeof import('../../core/planning/plan/plan')>(
    '../../core/planning/plan/plan',
  );
  let answer: unknown;
  return {
    compute: {
      rank: async (_: unknown, conditions: never, options: object) =>
        (answer ??= rankLures(conditions, { ...options, withoutRange: true })),
      plan: async (_: unknown, request: never) => planRetrieve(request, 'first'),
    },
  };
});

const counts: Record<string, number> = {};
function Probe({ name, read }: { name: string; read: () => unknown }) {
  read();
  counts[name] = (counts[name] ?? 0) + 1;
  return null;
}

const READERS = {
  water: () => [
    contexts.useConditions(),
    contexts.useBookWithoutLog(),
    contexts.usePrefs(),
    contexts.useStationState(),
    contexts.useActions(),
  ],
  lures: () => [
    contexts.useRanking(),
    contexts.useConditions(),
    contexts.useBookWithoutLog(),
    contexts.usePrefs(),
    contexts.usePlan(),
  ],
  retrieve: () => [contexts.usePlan(), contexts.useConditions(), contexts.useBookWithoutLog()],
  log: () => contexts.useLog(),
  mood: () => contexts.useMood(),
};

test('a cast redraws what shows the log and the mood, and neither the water, the lures nor the plan', async () => {
  const { deviceKeeper } = jest.requireMock<typeof import('../../data/deviceKeeper')>('../../data/deviceKeeper');
  await deviceKeeper().open();
  await deviceKeeper().replaceAll(buildDemoWorld(NOW_MS), { by: 'demo', atMs: NOW_MS });
  let seen: { actions: contexts.DayParts['actions']; casts: number; ready: boolean } | null = null;
  function Watch() {
    seen = {
      actions: contexts.useActions(),
      casts: contexts.useLog().tally?.casts ?? -1,
      ready: contexts.usePlan().plan !== null,
    };
    return null;
  }
  const client = createQueryClient();
  const view = render(
    <QueryClientProvider client={client}>
      <DayProvider>
        <Watch />
        {Object.entries(READERS).map(([name, read]) => (
          <Probe key={name} name={name} read={read} />
        ))}
      </DayProvider>
    </QueryClientProvider>,
  );
  await waitFor(() => expect(seen?.ready).toBe(true), { timeout: 60_000 });
  // The first cast pins the lure to the trip and opens a block: that is a change of the day.
  await act(async () => seen!.actions.logCast());
  await waitFor(() => expect(seen!.casts).toBe(1));
  await act(async () => new Promise((r) => setTimeout(r, 50)));
  const before = { ...counts };
  await act(async () => seen!.actions.logCast());
  await waitFor(() => expect(seen!.casts).toBe(2));
  await act(async () => new Promise((r) => setTimeout(r, 50)));
  const drawn = Object.fromEntries(Object.keys(READERS).map((k) => [k, counts[k]! - before[k]!]));
  expect(drawn).toMatchObject({ water: 0, lures: 0, retrieve: 0 });
  expect(drawn.log).toBeGreaterThan(0);
  expect(drawn.mood).toBeGreaterThan(0);
  view.unmount();
  touchOver();
  client.clear();
}, 120_000);
