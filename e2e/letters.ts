/** Whether every letter comes from the fonts that ship with the app. */
import { expect, type Page } from '@playwright/test';

export interface Letters {
  /** Letters of the device's own fonts, and where. */
  strangers: string[];
  /** Texts looked at. */
  looked: number;
}

/** Opens the browser's own account of fonts for a page; the answer looks at all that stands there. */
export async function lettersOf(page: Page): Promise<() => Promise<Letters>> {
  const client = await page.context().newCDPSession(page);
  await client.send('DOM.enable');
  await client.send('CSS.enable');
  return async () => {
    await page.evaluate(() => document.fonts.ready.then(() => undefined));
    let found: Letters = { strangers: [], looked: 0 };
    // A page that is drawn anew between two questions answers that the letter is gone: it is asked for all of them
    // again.
    await expect(async () => {
      const { root } = await client.send('DOM.getDocument', { depth: -1 });
      const { nodeIds } = await client.send('DOM.querySelectorAll', {
        nodeId: root.nodeId,
        selector: '[dir="auto"], text',
      });
      const seen = await Promise.all(nodeIds.map((nodeId) => client.send('CSS.getPlatformFontsForNode', { nodeId })));
      const strangers: string[] = [];
      for (const [i, { fonts }] of seen.entries())
        for (const f of fonts.filter((x) => !x.isCustomFont)) {
          const { outerHTML } = await client.send('DOM.getOuterHTML', { nodeId: nodeIds[i]! });
          strangers.push(`${f.familyName} in “${outerHTML.replace(/<[^>]*>/g, '')}”`);
        }
      found = { strangers, looked: seen.reduce((s, { fonts }) => s + fonts.length, 0) };
    }).toPass({ timeout: 30_000 });
    return found;
  };
}
