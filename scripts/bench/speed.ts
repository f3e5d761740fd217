/** How fast the machine is just now: shared, it runs at a third of its speed one minute and at all of it the next. */
import { setTimeout as rest } from 'node:timers/promises';
import { spread, spreadText } from './report';

const PROBES = 40;

/** A fixed piece of work on numbers and small objects, as a page has them; ms. */
export function workMs(): number {
  const from = performance.now();
  let h = 1;
  const kept: { h: number }[] = [];
  for (let i = 0; i < 2_000_000; i++) {
    h = (h * 31 + i) | 0;
    if (kept.push({ h }) > 1000) kept.length = 0;
  }
  return h === 0 ? 0 : performance.now() - from;
}

/** A fixed piece of work, done now and then for some seconds: to be told beside what is timed next. */
export async function speedText(): Promise<string> {
  const times: number[] = [];
  for (let i = 0; i < PROBES; i++) {
    times.push(workMs());
    await rest(200);
  }
  return `A fixed piece of work took ${spreadText(spread(times))} right before.`;
}
