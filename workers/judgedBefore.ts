/** What the model said of blocks gone by, kept on the device: to ask it anew of a log of many years takes seconds. */
import { MAX_JUDGED, madeSince, recall, type Judgement } from '../core/learning/judged';
import { JUDGED, mayKeep, onDevice, soon } from './onDevice';

const ALL = 'all';

interface KeptOnDevice {
  script: string;
  of: [string, Judgement][];
}

/** What lies there of this script; of another, or damaged: nothing. */
function ofScript(value: unknown, script: string): [string, Judgement][] {
  const { script: by, of } = (value ?? {}) as Partial<KeptOnDevice>;
  return by === script && Array.isArray(of) ? of.filter((x) => Array.isArray(x)) : [];
}

/** Keeps for the script at this address. */
export function judgedBefore(script: string): { recalled: () => Promise<void>; keepMade: () => Promise<void> } {
  const isKept = mayKeep(script);
  let asked: Promise<void> | null = null;
  return {
    /** Once what was kept has been taken in, or cannot be. */
    recalled: () => {
      if (!isKept) return Promise.resolve();
      return (asked ??= soon(onDevice((db) => db.get(JUDGED, ALL))).then((all) => recall(ofScript(all, script))));
    },
    /** Keeps what was judged since; what the device has no room for is judged anew. */
    keepMade: async () => {
      const made = madeSince();
      if (!isKept || made.length === 0) return;
      await onDevice(async (db) => {
        const tx = db.transaction(JUDGED, 'readwrite');
        const all = new Map([...ofScript(await tx.store.get(ALL), script), ...made]);
        await tx.store.put({ script, of: [...all].slice(-MAX_JUDGED) } satisfies KeptOnDevice, ALL);
        await tx.done;
      }).catch(() => undefined);
    },
  };
}
