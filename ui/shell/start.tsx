/**
 * Where the application begins: the frame and the page asked for are fetched together while the record is opened, and
 * drawn once all is there. To draw a page that waits in between would cost a third of a second: what takes its place is
 * held back so long.
 */
import '@expo/metro-runtime';
// What fetches a script that is asked for later.
import 'expo';
import { whenOpened } from '../../data/deviceKeeper';
import { rest } from '../../data/slices';
import { FRAME, pageOf, readPage } from './pages';

/** A record that takes longer to open is waited for on the page, ms. */
const SOON_MS = 500;

/** Whoever fetches a script asks this for it. */
const fetching = globalThis as { __loadBundleAsync?: (address: string) => Promise<unknown> };
const fetchScript = fetching.__loadBundleAsync;
if (fetchScript)
  // What stands on the router is made ready after it, each script in a task of its own.
  fetching.__loadBundleAsync = async (address) => {
    await fetchScript(address);
    await application;
    await rest();
  };

const scripts = [FRAME, pageOf(window.location.pathname)].flatMap((key) => (key ? [readPage(key)] : []));
// Each by itself, in a task of its own: all kinds of record are made for the one, the router for the other.
const opened = rest().then(() => whenOpened(SOON_MS));
const application = rest()
  .then(rest)
  // In the same script as this: a part that is fetched would come later.
  // eslint-disable-next-line @typescript-eslint/no-require-imports
  .then(() => require('./application') as typeof import('./application'));
// What does not come is asked for again by the router, which tells what is wrong.
void Promise.allSettled([opened, ...scripts]).then(async () => (await application).draw());
