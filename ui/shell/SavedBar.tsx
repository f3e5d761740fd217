/** Says what was saved, once it is, and leads to it. */
import { useRouter } from 'expo-router';
import { Snackbar } from 'react-native-paper';
import { useStore } from 'zustand';
import { savedText } from '../../wording/form';
import { Say } from '../parts/Say';
import { saved } from './saved';

/** Long enough to be read and touched with a wet hand, ms. */
const SHOWN_MS = 7000;

export function SavedBar() {
  const { now } = useStore(saved);
  const router = useRouter();
  const dismiss = (): void => saved.setState({ now: null });
  return (
    <Snackbar
      visible={now !== null}
      onDismiss={dismiss}
      duration={SHOWN_MS}
      action={{ label: 'Show it', onPress: () => now && router.navigate(now.path as never) }}
    >
      <Say tone="onStrong" role="status">
        {now ? savedText(now.name) : ''}
      </Say>
    </Snackbar>
  );
}
