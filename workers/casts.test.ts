import { usualRequest } from '../core/fixtures/usualRequest';
import { castNow, sendable, type CastJob } from '../core/planning/plan/casting';
import { firstSettings, setUpTask } from '../core/planning/task/setup';
import type { Track } from '../core/planning/plan/track';
import { MESH } from '../core/simulation/types';
import { shareOut, type Helper } from './casts';

const task = setUpTask(usualRequest('paddletail'));
const jobs: CastJob[] = Array.from({ length: 17 }, (_, n) => ({
  task,
  hands: { ...firstSettings(task), castM: 16 + n },
  how: { mesh: MESH.scan },
}));
const alone = jobs.map(castNow);
const rest = (): Promise<void> => new Promise((go) => setTimeout(go, 1));

/** One that is sent copies, as a worker is, and counts what it makes. */
function helper(failsAfter = Infinity): { take: Helper; made: number } {
  const slot: { take: Helper; made: number } = {
    made: 0,
    take: async (sent) => {
      await rest();
      if (slot.made >= failsAfter) throw new Error('gone');
      const copies = structuredClone(sent.map(sendable));
      slot.made += copies.length;
      return structuredClone(copies.map(castNow)) as Track[];
    },
  };
  return slot;
}

test('alone, with helpers, with one that is not ready: the same tracks in the same order', async () => {
  expect(await shareOut(jobs, [], rest)).toEqual(alone);
  const [a, b] = [helper(), helper()];
  expect(await shareOut(jobs, [a, { take: null }, b], rest)).toEqual(alone);
  expect(a.made + b.made).toBeGreaterThan(4);
  expect(a.made + b.made).toBeLessThan(jobs.length);
});

test('what a failing helper had taken is made all the same, and it is asked no more', async () => {
  for (const after of [0, 1, 4]) {
    const [bad, good] = [helper(after), helper()];
    expect(await shareOut(jobs, [bad, good], rest)).toEqual(alone);
    expect(bad.take).toBeNull();
  }
});

test('of two casts the helper has one before the first is begun here', async () => {
  const one = helper();
  let asked = 0;
  const slot = {
    take: (sent: readonly CastJob[]) => {
      asked = sent.length;
      return one.take!(sent);
    },
  };
  const tracks = shareOut(jobs.slice(0, 2), [slot], rest);
  expect(asked).toBe(1);
  expect(await tracks).toEqual(alone.slice(0, 2));
  expect(one.made).toBe(1);
});

test('a single cast goes to no helper', async () => {
  const one = helper();
  expect(await shareOut(jobs.slice(0, 1), [one], rest)).toEqual(alone.slice(0, 1));
  expect(one.made).toBe(0);
});
