/** What was just saved, said at the foot of the page for a few seconds, with the way to it. */
import { createStore } from 'zustand/vanilla';

interface Saved {
  name: string;
  path: string;
}
export const saved = createStore<{ now: Saved | null }>(() => ({ now: null }));

export const tellSaved = (name: string, path: string): void => saved.setState({ now: { name, path } });
