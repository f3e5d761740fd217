/**
 * Where the application begins: the frame and the page asked for are fetched together, and drawn once both are there.
 * To draw a page that waits in between would cost a third of a second: what takes its place is held back so long.
 */
import '@expo/metro-runtime';
// What fetches a script that is asked for later.
import 'expo';
import { ExpoRoot } from 'expo-router/build/ExpoRoot';
import { renderRootComponent } from 'expo-router/build/renderRootComponent';
import { FRAME, pageOf, pages, readPage } from './pages';

function App() {
  return <ExpoRoot context={pages} />;
}

const first = [FRAME, pageOf(window.location.pathname)].flatMap((key) => (key ? [readPage(key)] : []));
// What does not come is asked for again by the router, which tells what is wrong.
void Promise.allSettled(first).then(() => renderRootComponent(App));
