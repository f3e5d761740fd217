/** The box on a wide screen: a table in any order, and the lure chosen beside it. */
import { expect, openDemo, pressOn, test, WIDE } from './kit';

test.use({ viewport: WIDE });

test('put in order by a column, the other way round, by keys; one chosen is told beside it', async ({ page }) => {
  await openDemo(page);
  await page.goto('/kit/box');
  const table = page.getByRole('table', { name: 'The lures of the box' });
  const names = (): Promise<string[]> => table.getByRole('rowheader').allTextContents();
  await expect(table).toBeVisible();
  const open = await names();
  expect(open.length).toBeGreaterThan(8);
  await table.getByRole('button', { name: 'In order of weight' }).click();
  const head = table.getByRole('columnheader').filter({ hasText: 'Weight' });
  await expect(head).toHaveAttribute('aria-sort', 'ascending');
  const light = await names();
  expect([...light].sort()).toEqual([...open].sort());
  expect(light).not.toEqual(open);
  await pressOn(page, table.getByRole('button', { name: 'In order of weight' }));
  await expect(head).toHaveAttribute('aria-sort', 'descending');
  const heavy = (await names())[0]!;
  const chosen = page.getByRole('region', { name: 'The lure that is chosen' });
  await expect(chosen.getByRole('heading', { name: heavy })).toBeVisible();
  await page.getByRole('button', { name: 'Alder minnow: show it beside' }).click();
  await expect(chosen.getByRole('heading', { name: 'Alder minnow' })).toBeVisible();
  await expect(chosen.getByText(/^Today (the first|number \d+) of \d+: /)).toBeVisible();
  await chosen.getByRole('button', { name: 'Change it' }).click();
  await expect(page.getByRole('textbox', { name: 'Name' })).toHaveValue('Alder minnow');
});

test('the whole box and the rods go onto a sheet of paper', async ({ page }) => {
  await openDemo(page);
  await page.goto('/kit/box');
  await page.getByRole('button', { name: 'The box on paper' }).click();
  const sheet = page.getByRole('region', { name: 'The box on paper' });
  await expect(sheet.getByText(/^Lure box, .*: 21 lures$/)).toBeVisible();
  await expect(sheet.getByText(/^Brush rod: /)).toBeVisible();
  await expect(sheet.getByRole('listitem')).toHaveCount(21);
  const pdf = (await page.pdf({ format: 'A4' })).toString('latin1');
  expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
  await page.getByRole('button', { name: 'Back to the box' }).click();
  await expect(page.getByRole('heading', { name: 'The box', exact: true })).toBeVisible();
});

test('the patterns of the Lessons are a table in any order, the one chosen told above it', async ({ page }) => {
  await openDemo(page);
  await page.goto('/lessons');
  const table = page.getByRole('table', { name: 'Patterns', exact: true });
  await expect(table).toBeVisible({ timeout: 30_000 });
  const casts = async (): Promise<number[]> =>
    (await table.getByRole('row').all())
      .slice(1)
      .reduce<Promise<number[]>>(
        async (before, row) => [...(await before), Number(await row.getByRole('cell').nth(1).textContent())],
        Promise.resolve([]),
      );
  const sorted = [...(await casts())].sort((a, b) => b - a);
  expect(await casts()).toEqual(sorted);
  await table.getByRole('button', { name: 'In order of casts' }).click();
  await table.getByRole('button', { name: 'In order of casts' }).click();
  await expect(table.getByRole('columnheader', { name: /casts/i }).first()).toHaveAttribute('aria-sort', 'ascending');
  expect(await casts()).toEqual([...sorted].reverse());
  await table.getByRole('button', { name: 'Bog hopper, pop and rest: show it beside' }).click();
  await expect(page.getByText(/The model expected .*: /).first()).toBeVisible();
});
