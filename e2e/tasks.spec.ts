/**
 * What a new user comes to do, by the names on the screen alone, each in no more touches than one would expect
 * (docs/TASKS.md). A touch is a tap, or a value typed.
 */
import type { Locator, Page } from '@playwright/test';
import { emptyServer, expect, openDemo, PHONE, place, test, WIDE } from './kit';

/** A hand that finds things by what is written on them and counts its touches. */
class Hand {
  touches = 0;
  constructor(
    readonly page: Page,
    private readonly press: (l: Locator) => Promise<void>,
  ) {}

  async on(l: Locator): Promise<void> {
    this.touches++;
    // A page that is still coming may draw it anew in between.
    await expect(() => l.scrollIntoViewIfNeeded({ timeout: 5000 })).toPass({ timeout: 30_000 });
    await this.press(l);
  }
  button = (name: string | RegExp): Promise<void> => this.on(this.page.getByRole('button', { name }).first());
  choice = (name: string | RegExp): Promise<void> =>
    this.on(this.page.getByRole('radio', { name, exact: true }).first());
  place = (name: string): Promise<void> => this.on(place(this.page, name));
  link = (name: string | RegExp): Promise<void> => this.on(this.page.getByRole('link', { name }).first());

  /** Into the field of this name, as one touch with what is typed. */
  async type(label: string | RegExp, text: string): Promise<void> {
    this.touches++;
    const field = this.page.getByLabel(label, { exact: true }).first();
    await field.fill(text);
    await field.press('Enter');
  }
  sees = (text: string | RegExp): Promise<void> =>
    expect(this.page.getByText(text).first()).toBeVisible({ timeout: 30_000 });
}

interface Task {
  name: string;
  /** Touches that one would expect. */
  within: number;
  /** Where it begins: the first screen, unless said. */
  from?: string;
  does: (h: Hand) => Promise<void>;
}

const TASKS: readonly Task[] = [
  {
    name: 'know what to tie on, why, and how to work it',
    within: 2,
    does: async (h) => {
      await h.button('What to tie on');
      await h.sees('Start with');
      await h.button(/^How to work the |^Take the /);
      await h.sees('Your hands');
    },
  },
  {
    name: 'read the water: 64 °F and 3 ft',
    within: 6,
    does: async (h) => {
      await h.button(/^surface: /);
      await h.button('Surface: type it');
      await h.type('Surface: type it', '64');
      await h.button(/^clarity: /);
      await h.button('Clarity: type it');
      await h.type('Clarity: type it', '3');
      await expect(h.page.getByRole('button', { name: 'surface: 64 °F. Change' })).toBeVisible();
      await expect(h.page.getByRole('button', { name: 'clarity: 3 ft. Change' })).toBeVisible();
    },
  },
  {
    name: 'fish for something else on another water',
    within: 4,
    does: async (h) => {
      await h.button(/^Another water, fish or day/);
      await h.choice('Thrum Creek');
      await h.choice('Red drum');
      await h.button('Go on at Thrum Creek');
      await expect(h.page.getByRole('heading', { level: 1, name: 'Thrum Creek' })).toBeVisible();
      await h.sees(/red drum/);
    },
  },
  {
    name: 'add a lure of ⅜ oz',
    within: 7,
    does: async (h) => {
      await h.link('Kit');
      await h.button('Add a lure');
      await h.type('Name', 'Peat stomper');
      await h.type('Kind of lure: find one', 'football');
      await h.choice('Football jig');
      await h.type('Weight', '3/8');
      await h.button('Save');
      await h.sees('Saved: Peat stomper');
    },
  },
  {
    name: 'put a reel and a line on a rod',
    within: 5,
    does: async (h) => {
      await h.link('Kit');
      await h.button(/^Whip, /);
      await h.choice('Fixed spool, 6.2 to 1');
      await h.choice('Braid 15');
      await h.button('Save');
      await expect(h.page.getByRole('button', { name: /^Whip, .*Fixed spool, 6.2 to 1.*Braid 15/ })).toBeVisible();
    },
  },
  {
    name: 'work it with another hang, and take that back',
    within: 4,
    from: 'Retrieve',
    does: async (h) => {
      await h.sees('What one change would buy');
      await h.button(/^hang: /);
      await h.button('Hang: more');
      await h.sees(/hang, yours/);
      await h.button('Let the plan choose');
      await expect(h.page.getByText(/hang, yours/)).toHaveCount(0);
    },
  },
  {
    name: 'make a cadence of one’s own and fish it',
    within: 5,
    from: 'Retrieve',
    does: async (h) => {
      await h.button('Change the cadence step by step');
      await h.button('All of it slower');
      await h.type('Name of this cadence', 'cold morning');
      await h.sees('Kept. It is below, for any lure.');
      await h.button('Fish it like this');
      await h.sees(/cold morning/);
    },
  },
  {
    name: 'log a cast, a miss with its moment, and take the miss back',
    within: 4,
    from: 'Strikes',
    does: async (h) => {
      await h.button('Cast: add one');
      await h.button(/^Missed: /);
      await h.button(/^On the hang|^On the move|^Hang/);
      await h.button('Undo the missed');
      await expect(h.page.getByRole('heading', { level: 1, name: '1 cast' })).toBeVisible();
    },
  },
  {
    name: 'tie on another lure while logging',
    within: 3,
    from: 'Strikes',
    does: async (h) => {
      await h.sees(/In hand: Alder minnow/);
      await h.button('Another lure, another spot');
      await h.choice('Humming skirt');
      await h.sees(/In hand: Humming skirt/);
    },
  },
  {
    name: 'change a reading, and hear what it did to the choice',
    within: 5,
    from: 'Lures',
    does: async (h) => {
      await h.sees('Start with');
      await h.place('Water');
      await h.button(/^clarity: /);
      await h.button('Clarity: type it');
      await h.type('Clarity: type it', '2');
      await h.place('Lures');
      await h.sees(/^Clarity \S+ ft → \S+ ft: (the|now the) /);
    },
  },
  {
    name: 'see tomorrow, and add a spot there',
    within: 6,
    does: async (h) => {
      await h.link(/^The day ahead/);
      await h.choice('Tomorrow');
      await h.sees(/Best two hours/);
      await h.button('Add a spot');
      await h.type('Name', 'Heron stump');
      await h.type('Where it is', '45.12, -84.31');
      await h.button('Save');
      await h.sees('Saved: Heron stump');
    },
  },
  {
    name: 'work a lure that the choice leaves in the box, for water of 41 °F, and hear why it did',
    within: 6,
    does: async (h) => {
      await h.button(/^surface: /);
      await h.button('Surface: type it');
      await h.type('Surface: type it', '41');
      await h.place('Lures');
      await h.button('Work one all the same');
      await h.button(/^Work the .+ all the same$/);
      await h.sees(/^The choice leaves it in the box: /);
      await h.sees('Your hands');
    },
  },
  {
    name: 'put a lure on another rod, which is remembered of it',
    within: 3,
    from: 'Retrieve',
    does: async (h) => {
      await h.button('Change rod, reel or line');
      await h.on(
        h.page.getByRole('radiogroup', { name: 'Rod', exact: true }).getByRole('radio', { checked: false }).first(),
      );
      await h.sees(/^As you last threw the /);
    },
  },
  {
    name: 'ask what to start with tomorrow at four in the afternoon',
    within: 4,
    does: async (h) => {
      await h.link(/^The day ahead/);
      await h.choice('Tomorrow');
      await h.button('Hour: type it');
      await h.type('Hour: type it', '4 pm');
      await h.sees('4:00 pm');
      await h.sees(/^Start with the .+(as now|now it is the .+)\.$/);
    },
  },
  {
    name: 'see the best hours in three days, and hear that no forecast reaches there',
    within: 2,
    does: async (h) => {
      await h.link(/^(The day ahead|.*Best )/);
      await h.choice(/^Sun 11 Oct$/);
      await h.sees(/^Best two hours/);
      await h.sees(/^The forecast does not reach this day/);
    },
  },
  {
    name: 'hear what stands in the picture, by one touch on it and all of it',
    within: 2,
    does: async (h) => {
      h.touches++;
      await h.page
        .locator('svg[aria-label^="Section through the water"]')
        .first()
        .click({ position: { x: 80, y: 130 } });
      await h.sees(/of the light at the surface is left here|fish are expected|goes out of sight/);
      await h.button('All that is in it');
      await h.sees(/How deep the fish are expected/);
    },
  },
  {
    name: 'put a plan aside and see another beside it',
    within: 6,
    from: 'Retrieve',
    does: async (h) => {
      await h.sees('What one change would buy');
      const hang = h.page.getByRole('button', { name: /^hang(, yours)?: / }).first();
      const first = /: ([^.]+)\./.exec((await hang.getAttribute('aria-label'))!)![1]!;
      await h.button(/^More: compare plans/);
      await h.button('Put this plan aside');
      await h.button(/^hang: /);
      await h.button('Hang: more');
      await expect(h.page.getByRole('table', { name: 'The plan put aside, and the one in hand' })).toBeVisible();
      await h.button('Fish the one put aside');
      // The hands are those of the plan put aside, and stay so.
      await expect(hang).toHaveAttribute('aria-label', new RegExp(`: ${first}\\.`), { timeout: 30_000 });
    },
  },
  {
    name: 'take the record out to a file and put it in again',
    within: 4,
    does: async (h) => {
      await h.link('Kit');
      const saving = h.page.waitForEvent('download');
      await h.button('Save the record to a file');
      const file = await (await saving).path();
      const choosing = h.page.waitForEvent('filechooser');
      await h.button('Read a record from a file…');
      await (await choosing).setFiles(file);
      await h.button('Put these in place of what is here');
      await h.sees('The record was read in.');
    },
  },
  {
    name: 'hear thunder and know until when to stay off',
    within: 1,
    does: async (h) => {
      await h.button('Heard thunder');
      await h.sees(/off the water/i);
      await h.sees(/Wait until \d+:\d\d am/);
    },
  },
  {
    name: 'end the day by mistake, and go on with it',
    within: 3,
    from: 'Strikes',
    does: async (h) => {
      await h.button('End the day…');
      await h.button(/^End the day$/);
      await h.button('Go on with this day');
      await expect(h.page.getByRole('button', { name: 'Cast: add one' })).toBeVisible({ timeout: 60_000 });
    },
  },
  {
    name: 'a fish in the hand, with its length',
    within: 2,
    from: 'Strikes',
    does: async (h) => {
      await h.button(/^Landed: /);
      await h.choice('16 in');
      await h.sees(/^16 in$/);
      await expect(h.page.getByText(/^\d+:\d\d am · Alder minnow$/)).toBeVisible();
    },
  },
  {
    name: 'write in a day that was not logged',
    within: 8,
    from: 'Lessons',
    does: async (h) => {
      await h.button('The diary: every day, fish by fish');
      await h.button('Write in a day that was not logged');
      await h.choice('Dusk');
      await h.choice('Lantern Kettle');
      await h.choice('Alder minnow');
      await h.button('Landed: more');
      await h.button('Write the day in');
      await h.sees('20 casts, 1 strike, 1 landed.');
    },
  },
  {
    name: 'find the day of a lure, and see what was caught',
    within: 3,
    from: 'Lessons',
    does: async (h) => {
      await h.button('The diary: every day, fish by fish');
      await h.type('Find a lure, a spot, a word of a note', 'fern curl');
      await h.button(/Sedge Kettle · crappie: 70 casts.* Open$/);
      await h.sees('What happened');
    },
  },
  {
    name: 'pack for few rods',
    within: 3,
    from: 'Lures',
    does: async (h) => {
      await h.button('Few rods: what to take along');
      await h.choice('2');
      await h.button('Packing list');
      await expect(h.page.getByRole('checkbox', { name: 'Licence' })).toBeVisible();
    },
  },
  {
    name: 'work a kind of lure that is not in the box',
    within: 3,
    from: 'Lures',
    does: async (h) => {
      await h.choice('Every kind');
      await h.button(/^\d+\. Bucktail jig, .*Reasons/);
      await h.button('Take the Bucktail jig');
      await h.sees(/in your box: one as it is usually sold|as it is usually sold, not one of yours/);
      await h.sees('Your hands');
    },
  },
];

// The longest file of all: its tests, each a page of its own, go to whichever browser is free.
test.describe.configure({ mode: 'parallel' });

/**
 * By keys: the focus goes where Tab (in a group of choices: the arrows) takes it, and it is pressed by the key that is
 * for it.
 */
async function byKeys(l: Locator): Promise<void> {
  const reached = await l.evaluate((e) => {
    const group = e.closest('[role="radiogroup"]');
    return [e, ...(group?.querySelectorAll('[role="radio"]') ?? [])].some((x) => (x as HTMLElement).tabIndex >= 0);
  });
  expect(reached, `${String(l)} is reached by keys`).toBe(true);
  await l.press((await l.getAttribute('role')) === 'radio' ? 'Space' : 'Enter');
}

for (const [size, viewport, touch] of [
  ['phone, touch', PHONE, true],
  ['wide, keys', WIDE, false],
] as const)
  test.describe(size, () => {
    test.use({ viewport, hasTouch: touch });
    for (const task of TASKS)
      test(`${task.name}: at most ${task.within} touches`, async ({ page }) => {
        await openDemo(page);
        if (task.from) await place(page, task.from).click();
        const hand = new Hand(page, (l) => (touch ? l.tap() : byKeys(l)));
        await task.does(hand);
        expect(hand.touches).toBeLessThanOrEqual(task.within);
      });
  });

test('a first day from nothing to a plan, with usual tackle assumed: at most 7 touches', async ({ page }) => {
  await page.setViewportSize(PHONE);
  await page.goto(emptyServer);
  const hand = new Hand(page, (l) => l.click());
  await hand.button('Add my first water');
  await hand.type('Name', 'Bracken Pool');
  await hand.button('Save');
  await hand.choice('Largemouth bass');
  await hand.button('Start the day');
  await hand.button('What to tie on');
  await hand.button(/^How to work the /);
  await hand.sees(/No tackle of yours is in the Kit yet/);
  await hand.sees(/in your box: one as it is usually sold is assumed/);
  await hand.sees('Your hands');
  await place(page, 'Strikes').click();
  await page.getByRole('button', { name: 'Cast: add one' }).click();
  await expect(page.getByRole('heading', { level: 1, name: '1 cast' })).toBeVisible();
  expect(hand.touches).toBeLessThanOrEqual(7);
});

test('through ice with no lure for it: from nothing to how to work one, at most 8 touches', async ({ page }) => {
  await page.setViewportSize(PHONE);
  await page.goto(emptyServer);
  const hand = new Hand(page, (l) => l.click());
  await hand.button('Add my first water');
  await hand.type('Name', 'White Kettle');
  await hand.choice('Ice');
  await hand.button('Save');
  await hand.choice('Walleye');
  await hand.button('Start the day');
  await hand.button('What to tie on');
  await hand.button(/^How to work the /);
  await hand.sees(/in your box: one as it is usually sold is assumed/);
  await hand.sees(/^Open the spool and count/);
  expect(hand.touches).toBeLessThanOrEqual(8);
});

test('by keys alone: what to tie on, and how to work it', async ({ page }) => {
  await page.setViewportSize(WIDE);
  await openDemo(page);
  const reach = async (name: RegExp): Promise<void> => {
    for (let n = 0; n < 60; n++) {
      await page.keyboard.press('Tab');
      const label = await page.evaluate(
        () => document.activeElement?.getAttribute('aria-label') ?? document.activeElement?.textContent ?? '',
      );
      if (name.test(label)) return;
    }
    throw new Error(`no way by keys to ${name}`);
  };
  await reach(/^What to tie on$/);
  await page.keyboard.press('Enter');
  await expect(page.getByText('Start with', { exact: true }).first()).toBeVisible();
  await reach(/^(How to work|Take) the /);
  await page.keyboard.press('Enter');
  await expect(page.getByText('Your hands')).toBeVisible({ timeout: 30_000 });
});
