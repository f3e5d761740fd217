import { QueryClient } from '@tanstack/react-query';

/** Everything is local: run without a network, never retry what will not change. */
export const createQueryClient = (): QueryClient =>
  new QueryClient({
    defaultOptions: {
      queries: { networkMode: 'always', retry: false, refetchOnWindowFocus: false },
      mutations: { networkMode: 'always', retry: false },
    },
  });
