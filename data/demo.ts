/** The sample world, fetched only when it is asked for. */
import type { Put } from '../core/records';

export async function demoWorld(realNowMs: number): Promise<Put[]> {
  const { buildDemoWorld } = await import('./offPage');
  return buildDemoWorld(realNowMs);
}
