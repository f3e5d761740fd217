import { readFileSync } from 'node:fs';
import { drawnPath, expect, openDemo, PHONE, place, presser, settled, test, WIDE } from './kit';

for (const [name, viewport, touch] of [
  ['phone by touch', PHONE, true],
  ['wide by mouse', WIDE, false],
] as const) {
  test.describe(name, () => {
    test.use({ viewport, hasTouch: touch, acceptDownloads: true });

    test('the whole day, from the water to a logged strike and what it taught', async ({ page }) => {
      const press = presser(touch);
      const go = (where: string) =>
        where === 'Kit' && touch ? press(page.getByRole('link', { name: 'Kit' })) : press(place(page, where));
      await openDemo(page);

      // Which lure starts, and how it is worked, before anything is changed.
      await go('Lures');
      const startName = page.getByRole('heading', { level: 2 }).first();
      await expect(page.getByText('Start with', { exact: true })).toBeVisible();
      const firstLure = (await startName.textContent())!;
      await go('Retrieve');
      await expect(page.getByRole('heading', { level: 1, name: firstLure })).toBeVisible();
      await expect(page.getByText('What one change would buy')).toBeVisible({ timeout: 60_000 });
      const firstPath = await drawnPath(page);

      // Murkier and much warmer water.
      await go('Water');
      await press(page.getByRole('button', { name: /^clarity: .*Change$/ }));
      await press(page.getByRole('radio', { name: '½ ft', exact: true }));
      await expect(page.getByRole('button', { name: /^clarity: ½ ft\. Change$/ })).toBeVisible();
      await press(page.getByRole('button', { name: /^surface: .*Change$/ }));
      for (let i = 0; i < 22; i++) await press(page.getByRole('button', { name: 'Surface: more' }));
      await expect(page.getByRole('button', { name: 'surface: 76 °F. Change' })).toBeVisible();

      // Another lure starts and says why.
      await go('Lures');
      await expect(startName).not.toHaveText(firstLure);
      const secondLure = (await startName.textContent())!;
      await expect(
        page.getByText(/(sees about|of the fish|minutes of each hour|run down|clarity)/).first(),
      ).toBeVisible();

      // Its plan and its path differ.
      await go('Retrieve');
      await expect(page.getByRole('heading', { level: 1, name: secondLure })).toBeVisible();
      await expect(page.getByText(/A first answer|What one change would buy|It stays on top/).first()).toBeVisible({
        timeout: 60_000,
      });
      expect(await drawnPath(page)).not.toBe(firstPath);
      // Wait until the settled plan stands, so that one block holds all that follows.
      await settled(page);

      // Ten casts and no fish yet.
      await go('Strikes');
      const cast = page.getByRole('button', { name: 'Cast: add one' });
      for (let i = 0; i < 10; i++) await press(cast);
      await expect(page.getByRole('heading', { level: 1, name: '10 casts' })).toBeVisible();

      // Wide, the patterns are a table: the one that is asked for is chosen in it.
      const toLessons = async (): Promise<void> => {
        await go('Lessons');
        const inTable = page
          .getByRole('row')
          .filter({ has: page.locator('[role="cell"]:nth-child(3)', { hasText: /^10$/ }) })
          .getByRole('button', { name: new RegExp(`^${secondLure}, .*: show it beside$`) });
        if (!touch) await press(inTable.first());
      };
      await toLessons();
      const row = page.getByRole('button', { name: new RegExp(`^${secondLure}, .*: .* 10 casts`) });
      await expect(row).toBeVisible();
      const before = (await row.getAttribute('aria-label'))!;

      // Two strikes with their moment, a bump taken back.
      await go('Strikes');
      await press(page.getByRole('button', { name: /^Landed:/ }));
      await press(page.getByRole('button', { name: 'On the move' }));
      await press(page.getByRole('button', { name: /^Missed:/ }));
      await press(page.getByRole('button', { name: 'On the fall' }));
      await press(page.getByRole('button', { name: /^Bump:/ }));
      await expect(page.getByText('10 casts, 3 strikes, 2 hooked', { exact: false })).toHaveCount(0);
      await expect(page.getByText('10 casts, 3 strikes, 1 hooked, 1 landed.')).toBeVisible();
      await press(page.getByRole('button', { name: 'Undo the bump' }));
      await expect(page.getByText('10 casts, 2 strikes, 1 hooked, 1 landed.')).toBeVisible();

      // The lesson moved.
      await toLessons();
      await expect(row).toBeVisible();
      const after = (await row.getAttribute('aria-label'))!;
      expect(after).not.toBe(before);
      expect(after).toContain('2 struck, 1 hooked, 1 landed');

      // A reload forgets nothing.
      await page.reload();
      await toLessons();
      await expect(row).toHaveAttribute('aria-label', after);

      // Out to a file, everything cleared, and in again.
      await go('Kit');
      const [download] = await Promise.all([
        page.waitForEvent('download'),
        press(page.getByRole('button', { name: 'Save the record to a file' })),
      ]);
      const file = await download.path();
      expect((JSON.parse(readFileSync(file, 'utf8')) as { format: string }).format).toBe('moss-kettle-record');
      await press(page.getByRole('button', { name: 'Clear everything…' }));
      await press(page.getByRole('button', { name: 'Clear everything now' }));
      await expect(page.getByText('The box is empty', { exact: false })).toBeVisible();
      // With it goes what was worked out of it.
      await expect
        .poll(() => page.evaluate(async () => (await indexedDB.databases()).map((db) => db.name)))
        .not.toContain('moss-kettle-worked-out');
      const [chooser] = await Promise.all([
        page.waitForEvent('filechooser'),
        press(page.getByRole('button', { name: 'Read a record from a file…' })),
      ]);
      await chooser.setFiles(file);
      await expect(page.getByText(/^\d+ records can be read\.$/)).toBeVisible();
      await press(page.getByRole('button', { name: 'Put these in place of what is here' }));
      await expect(page.getByText('The record was read in.')).toBeVisible();
      await toLessons();
      await expect(row).toHaveAttribute('aria-label', after);
      await go('Strikes');
      await expect(page.getByRole('heading', { level: 1, name: '10 casts' })).toBeVisible();
    });
  });
}
