import type { ChildProcess } from 'node:child_process';

export const ROOT: string;
export function stop(message: string): never;
export function filesUnder(dir: string): string[];
export function ensureChromium(): string;
export function startServer(port: number, args?: readonly string[]): Promise<ChildProcess>;
export function bin(name: string): string;
export function run(
  command: string,
  args: readonly string[],
  options?: { env?: Record<string, string>; mayFail?: boolean },
): number;
