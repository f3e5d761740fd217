// Cuts the two type families down to the letters the application can show and writes them as woff2 under their
// content's hash,
// with their rules in the page's head. Run by hand when a letter or a family changes:  npm run fonts
import { createHash } from 'node:crypto';
import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import path from 'node:path';
import subsetFont from 'subset-font';
import { ROOT } from './lib.mjs';

const require = createRequire(import.meta.url);
const letters = (from, to) => Array.from({ length: to - from + 1 }, (_, i) => String.fromCodePoint(from + i)).join('');
// Western and central European names, the marks our sentences use, fractions of an inch.
const LETTERS = letters(0x20, 0x7e) + letters(0xa0, 0x17f) + '–—‘’‚“”„…•·′″−×÷±≈≤≥½¼¾⅓⅔⅛⅜⅝⅞→←↑↓€™';

/**
 * Marks that the text face lacks; the headings' face has them. Without them the browser would look for another font in
 * the middle of a page.
 */
const MARKS = '′″⅓⅔⅛⅜⅝⅞→←↑↓';
const MARKS_RANGE = 'U+2032-2033, U+2153-2154, U+215B-215E, U+2190-2193';

/** Family as the application calls it, package, its file, and the letters when they are not all. */
const FACES = [
  ['AtkinsonHyperlegible_400Regular', 'atkinson-hyperlegible', '400Regular/AtkinsonHyperlegible_400Regular'],
  ['AtkinsonHyperlegible_700Bold', 'atkinson-hyperlegible', '700Bold/AtkinsonHyperlegible_700Bold'],
  ['Bitter_700Bold', 'bitter', '700Bold/Bitter_700Bold'],
  ['AtkinsonHyperlegible_400Regular', 'bitter', '400Regular/Bitter_400Regular', MARKS],
  ['AtkinsonHyperlegible_700Bold', 'bitter', '700Bold/Bitter_700Bold', MARKS],
];

const out = path.join(ROOT, 'public', 'fonts');
rmSync(out, { recursive: true, force: true });
mkdirSync(out, { recursive: true });
const rules = [];
const links = [];
for (const [family, pack, file, only] of FACES) {
  const source = readFileSync(require.resolve(`@expo-google-fonts/${pack}/${file}.ttf`));
  const cut = await subsetFont(source, only ?? LETTERS, { targetFormat: 'woff2' });
  const name = `${family}${only ? '-marks' : ''}-${createHash('sha256').update(cut).digest('hex').slice(0, 12)}.woff2`;
  writeFileSync(path.join(out, name), cut);
  const range = only ? ` unicode-range: ${MARKS_RANGE};` : '';
  rules.push(
    `      @font-face { font-family: ${family}; src: url(/fonts/${name}) format('woff2'); font-display: swap;${range} }`,
  );
  links.push(`    <link rel="preload" href="/fonts/${name}" as="font" type="font/woff2" crossorigin />`);
  console.log(`${name}  ${source.length} → ${cut.length} bytes`);
}
const page = path.join(ROOT, 'public', 'index.html');
const between = (text, from, to, inside) =>
  text.replace(new RegExp(`(${from})[\\s\\S]*?(${to})`), (_, a, b) => `${a}\n${inside}\n${b}`);
let html = readFileSync(page, 'utf8');
html = between(html, '<!-- fonts -->', ' *<!-- /fonts -->', links.join('\n'));
html = between(html, '/\\* fonts \\*/', ' */\\* /fonts \\*/', rules.join('\n'));
writeFileSync(page, html);
