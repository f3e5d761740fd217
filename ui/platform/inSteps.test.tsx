/** Long work in steps: found at once where it is short, else later; what was found stays until it is found anew. */
import { Component, type ReactNode } from 'react';
import { Text } from 'react-native';
import { act, render, renderHook, screen, waitFor } from '@testing-library/react-native';
import type { Steps } from '../../core/base/steps';
import { useInSteps } from './inSteps';

/** Three steps to a list of this; how many were made is counted. */
function work(name: string) {
  const made = { steps: 0 };
  const begin = function* (): Steps<string[]> {
    for (let i = 0; i < 3; i++) {
      made.steps++;
      yield;
    }
    return [name];
  };
  return { begin, made };
}
const hook = (begin: () => Steps<string[]>, isShort: boolean) =>
  renderHook(({ of, short }: { of: typeof begin; short: boolean }) => useInSteps(of, short), {
    initialProps: { of: begin, short: isShort },
  });

test('what is short is found while it is drawn', () => {
  const { begin, made } = work('a');
  expect(hook(begin, true).result.current).toEqual(['a']);
  expect(made.steps).toBe(3);
});

test('what is long comes later, and stays until it is found anew', async () => {
  const [a, b] = [work('a'), work('b')];
  const h = hook(a.begin, false);
  expect(h.result.current).toBeNull();
  await waitFor(() => expect(h.result.current).toEqual(['a']));
  h.rerender({ of: b.begin, short: false });
  expect(h.result.current).toEqual(['a']);
  await waitFor(() => expect(h.result.current).toEqual(['b']));
});

test('what is no longer wanted is left where it is', async () => {
  const [a, b] = [work('a'), work('b')];
  const h = hook(a.begin, false);
  h.rerender({ of: b.begin, short: false });
  await waitFor(() => expect(h.result.current).toEqual(['b']));
  expect(a.made.steps).toBeLessThan(3);
  h.unmount();
  await act(async () => undefined);
});

class Boundary extends Component<{ children: ReactNode }> {
  override state = { told: '' };
  static getDerivedStateFromError = (e: Error) => ({ told: e.message });
  override render(): ReactNode {
    return this.state.told ? <Text>{this.state.told}</Text> : this.props.children;
  }
}

test('what goes wrong in a later step is thrown where it is drawn', async () => {
  const quiet = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  const breaks = function* (): Steps<string[]> {
    yield;
    throw new Error('broken');
  };
  const Page = () => <Text>{useInSteps(breaks, false)?.[0] ?? 'waits'}</Text>;
  render(
    <Boundary>
      <Page />
    </Boundary>,
  );
  expect(screen.getByText('waits')).toBeTruthy();
  expect(await screen.findByText('broken')).toBeTruthy();
  quiet.mockRestore();
});
