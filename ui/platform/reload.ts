/** The page, loaded again: once what was last done is stored. */
import { deviceKeeper } from '../../data/deviceKeeper';
import { whenStored } from '../../data/whenStored';

/** A store that hangs keeps nobody from loading again. */
const MOST_MS = 5000;

export const reloadStored = (): void => void whenStored(deviceKeeper(), MOST_MS).then(() => window.location.reload());
