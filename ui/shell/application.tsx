/** The application as it is drawn: apart from where it begins, since to make its frame ready is a task of its own. */
import { ExpoRoot } from 'expo-router/build/ExpoRoot';
import { renderRootComponent } from 'expo-router/build/renderRootComponent';
import { pages } from './pages';

function App() {
  return <ExpoRoot context={pages} />;
}

export const draw = (): void => renderRootComponent(App);
