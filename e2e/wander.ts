/**
 * A walk without a plan: touches on whatever can be touched, words typed into whatever takes them, other sizes, the
 * network gone and back, back and forth. Nothing is expected but that the application stands.
 */
import type { Page } from '@playwright/test';
import { seeded } from './faults';
import { PAGES } from './pages';

export interface Wandering {
  touches: number;
  typed: number;
  turns: number;
  offline: number;
  /** Pages that it came by. */
  pages: ReadonlySet<string>;
  /** What gave way: a page that stumbled, an error in the console, an end of the page; with the touch before it. */
  wrong: string[];
}

const SIZES = [
  [390, 844],
  [390, 844],
  [1280, 800],
  [320, 640],
  [844, 390],
] as const;
/** What is typed: what belongs there, what does not, and what means harm. */
const WORDS = [
  '3/8',
  '54',
  '-1e308',
  '1,5',
  '6 ft 6',
  '18C',
  'Café ß 釣り',
  '  ',
  '<img src=x onerror=alert(1)>',
  '=cmd()',
  '__proto__',
  '0',
  'x'.repeat(300),
] as const;
/** Keys that mean something somewhere. */
const KEYS = ['Escape', 'Tab', 'Enter', ' ', 'ArrowRight', 'ArrowDown', '?', 'c', 'u', 'Home'] as const;

interface Target {
  name: string;
  x: number;
  y: number;
  typeable: boolean;
}

/** What can be touched where it is seen, and is not covered by something else. */
const targets = (page: Page): Promise<Target[]> =>
  page.evaluate(() => {
    const all = document.querySelectorAll<HTMLElement>(
      'button, a[href], input, textarea, [role=button], [role=radio], [role=checkbox], [role=tab], [role=slider], ' +
        '[role=link], [role=switch], [role=menuitem]',
    );
    return [...all].flatMap((e) => {
      const r = e.getBoundingClientRect();
      const [x, y] = [r.left + r.width / 2, r.top + r.height / 2];
      if (r.width < 2 || r.height < 2 || x < 0 || y < 0 || x > innerWidth || y > innerHeight) return [];
      const hit = document.elementFromPoint(x, y);
      if (!hit || !(e.contains(hit) || hit.contains(e))) return [];
      const name = (e.getAttribute('aria-label') ?? e.textContent ?? '').trim().slice(0, 60);
      return [
        { name: `${e.getAttribute('role') ?? e.tagName} “${name}”`, x, y, typeable: /INPUT|AREA/.test(e.tagName) },
      ];
    });
  });

/** Words of a part that gave way. */
const STUMBLED = /stumbled|gave way/i;

/** Walks so many steps; the page stands at its own address when it begins. */
export async function wander(page: Page, steps: number, seed: number): Promise<Wandering> {
  const random = seeded(seed);
  const one = <T>(of: readonly T[]): T => of[Math.floor(random() * of.length)]!;
  const home = new URL(page.url()).origin;
  const seen = new Set<string>();
  const out: Wandering = { touches: 0, typed: 0, turns: 0, offline: 0, pages: seen, wrong: [] };
  let last = 'the beginning';
  let away = 0;
  const note = (what: string): void => void out.wrong.push(`${what} — after ${last}`);
  page.on('pageerror', (e) => note(String(e)));
  page.on('crash', () => note('the page ended'));
  page.on('console', (m) => {
    // Without a network the browser itself says so of each request.
    if (m.type() === 'error' && !(away > 0 && /net::ERR/.test(m.text()))) note(m.text());
  });
  page.on('dialog', (d) => void d.accept().catch(() => undefined));
  // Files are neither chosen nor printed here.
  page.on('filechooser', () => undefined);
  await page.addInitScript(() => {
    window.print = () => undefined;
  });

  for (let n = 0; n < steps; n++) {
    if (away > 0 && --away === 0) await page.context().setOffline(false);
    const r = random();
    if (r < 0.04) {
      const [width, height] = one(SIZES);
      last = `the size ${width}×${height}`;
      await page.setViewportSize({ width, height });
    } else if (r < 0.07) {
      last = 'back or forth';
      out.turns++;
      await (random() < 0.7 ? page.goBack({ timeout: 5000 }) : page.goForward({ timeout: 5000 })).catch(() => null);
    } else if (r < 0.08 && away === 0) {
      const path = one(PAGES);
      last = `the address ${path}`;
      await page.goto(home + path);
    } else if (r < 0.1 && away === 0) {
      last = 'the network gone';
      out.offline++;
      away = 12;
      await page.context().setOffline(true);
    } else if (r < 0.13) {
      const key = one(KEYS);
      last = `the key ${key}`;
      await page.keyboard.press(key);
    } else if (r < 0.23) {
      last = 'the wheel';
      await page.mouse.move(180, 400);
      await page.mouse.wheel(0, (random() - 0.35) * 1500);
    } else {
      const t = await targets(page)
        .then((all) => {
          // Fields are few among the keys.
          const fields = all.filter((x) => x.typeable);
          return fields.length > 0 && random() < 0.3 ? one(fields) : all.length > 0 ? one(all) : null;
        })
        .catch(() => null);
      if (t) {
        last = t.name;
        out.touches++;
        await page.mouse.click(t.x, t.y);
        if (t.typeable && random() < 0.8) {
          out.typed++;
          await page.keyboard.press('ControlOrMeta+a');
          await page.keyboard.insertText(one(WORDS));
          if (random() < 0.7) await page.keyboard.press(random() < 0.5 ? 'Enter' : 'Tab');
        }
      }
    }
    await page.waitForTimeout(40 + 120 * random());
    const url = new URL(page.url());
    if (url.origin !== home || /\.(html|png|txt|json)$/.test(url.pathname)) await page.goto(`${home}/`);
    seen.add(url.pathname);
    const text = await page.evaluate(() => document.body.innerText.slice(0, 4000)).catch(() => '');
    if (STUMBLED.test(text)) {
      note(`stumbled at ${url.pathname}: ${text.slice(0, 200)}`);
      await page.goto(`${home}/`);
    }
  }
  if (away > 0) await page.context().setOffline(false);
  return out;
}
