/** An address that leads nowhere. */
import { useRouter } from 'expo-router';
import { Note } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Screen } from './Screen';
import { SHELL } from '../../wording/pages/shell';

export function NoSuchPage() {
  const router = useRouter();
  return (
    <Screen title="No such page" section={false}>
      <Note>{SHELL.noSuchPage}</Note>
      <Button kind="solid" title="To the water" onPress={() => router.navigate('/')} />
    </Screen>
  );
}
