/** Data, light and units around everything. */
import { QueryClientProvider } from '@tanstack/react-query';
import { Slot } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { createQueryClient } from '../../data/queryClient';
import { DayProvider, useDay } from '../day/DayProvider';
import { PlaybackProvider } from '../section/Playback';
import { ThemeProvider } from '../theme/ThemeProvider';
import { Frame } from './Frame';

export function Root() {
  const [client] = useState(createQueryClient);
  return (
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
  );
}

function Themed({ children }: { children: ReactNode }) {
  const { prefs } = useDay();
  return (
    <ThemeProvider light={prefs.light} scale={prefs.textScale} units={prefs.units}>
      {children}
    </ThemeProvider>
  );
}
