/** Data, light and units around everything. */
import { QueryClientProvider } from '@tanstack/react-query';
import { Slot } from 'expo-router';
import { useEffect, useState, type ReactNode } from 'react';
import { createQueryClient } from '../../data/queryClient';
import { watchTroubles } from '../../data/troubles';
import { usePrefs } from '../day/contexts';
import { DayProvider } from '../day/DayProvider';
import { PlaybackProvider } from '../section/Playback';
import { realNowMs } from '../platform/clock';
import { watchUpdates } from '../platform/updates';
import { whenDrawn } from '../platform/idle';
import { PaperFrame } from '../theme/PaperFrame';
import { ThemeProvider } from '../theme/ThemeProvider';
import { RootBoundary } from './Boundary';
import { Frame } from './Frame';

export function Root() {
  const [client] = useState(createQueryClient);
  useEffect(() => watchTroubles(realNowMs), []);
  useEffect(() => whenDrawn(watchUpdates), []);
  return (
    <RootBoundary>
      <QueryClientProvider client={client}>
        <DayProvider>
          <Themed>
            <PlaybackProvider>
              <Frame>
                <Slot />
              </Frame>
            </PlaybackProvider>
          </Themed>
        </DayProvider>
      </QueryClientProvider>
    </RootBoundary>
  );
}

function Themed({ children }: { children: ReactNode }) {
  const prefs = usePrefs();
  return (
    <ThemeProvider light={prefs.light} scale={prefs.textScale} units={prefs.units}>
      <PaperFrame>{children}</PaperFrame>
    </ThemeProvider>
  );
}
