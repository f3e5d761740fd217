/** Waiting for what was last done to be stored: a page that is loaded again cuts off what is under way. */
import type { Keeper } from './keeper';

/** True once nothing waits to be stored; false when something still does after `mostMs`. */
export function whenStored(keeper: Pick<Keeper, 'snapshot' | 'subscribe'>, mostMs: number): Promise<boolean> {
  const isStored = (): boolean => keeper.snapshot().storing === 0;
  if (isStored()) return Promise.resolve(true);
  return new Promise((resolve) => {
    const end = (): void => {
      clearTimeout(late);
      forget();
      resolve(isStored());
    };
    const late = setTimeout(end, mostMs);
    const forget = keeper.subscribe(() => isStored() && end());
  });
}
