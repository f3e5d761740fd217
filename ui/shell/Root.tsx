/** Fonts, data, light and units around everything. */
import { AtkinsonHyperlegible_400Regular } from '@expo-google-fonts/atkinson-hyperlegible/400Regular';
import { AtkinsonHyperlegible_700Bold } from '@expo-google-fonts/atkinson-hyperlegible/700Bold';
import { Bitter_700Bold } from '@expo-google-fonts/bitter/700Bold';
import { QueryClientProvider } from '@tanstack/react-query';
import { useFonts } from 'expo-font';
import { Slot } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { createQueryClient } from '../../data/queryClient';
import { DayProvider, useDay } from '../day/DayProvider';
import { PlaybackProvider } from '../section/Playback';
import { ThemeProvider } from '../theme/ThemeProvider';
import { Frame } from './Frame';

export function Root() {
  // Text shows in a system face until ours are there; nothing waits for a font.
  useFonts({ AtkinsonHyperlegible_400Regular, AtkinsonHyperlegible_700Bold, Bitter_700Bold });
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
