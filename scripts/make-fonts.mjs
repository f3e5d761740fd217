// Cuts the two type families down to the letters the application can show and writes them as woff2 under their content's hash,
// with their rules in the page's head. Run by hand when a letter or a family changes:  npm run fonts
import { createHash } from 'node:crypto';
import { mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import path from 'node:path';
import subsetFont from 'subset-font';
import { ROOT } from './lib.mjs';

const require = createRequire(import.meta.url);
const range = (from, to) => Array.from({ length: to - from + 1 }, (_, i) => String.fromCodePoint(from + i)).join('');
// Western and central European names, the marks our sentences use, fractions of an inch.
const LETTERS = range(0x20, 0x7e) + range(0xa0, 0x17f) + '–—‘’‚“”„…•·′″−×÷±≈≤≥½¼¾⅓⅔⅛⅜⅝⅞→←↑↓€™';

const FACES = [
  ['AtkinsonHyperlegible_400Regular', 'atkinson-hyperlegible', '400Regular'],
  ['AtkinsonHyperlegible_700Bold', 'atkinson-hyperlegible', '700Bold'],
  ['Bitter_700Bold', 'bitter', '700Bold'],
];

const out = path.join(ROOT, 'public', 'fonts');
rmSync(out, { recursive: true, force: true });
mkdirSync(out, { recursive: true });
const rules = [];
const links = [];
for (const [family, pack, folder] of FACES) {
  const source = readFileSync(require.resolve(`@expo-google-fonts/${pack}/${folder}/${family}.ttf`));
  const cut = await subsetFont(source, LETTERS, { targetFormat: 'woff2' });
  const name = `${family}-${createHash('sha256').update(cut).digest('hex').slice(0, 12)}.woff2`;
  writeFileSync(path.join(out, name), cut);
  rules.push(`      @font-face { font-family: ${family}; src: url(/fonts/${name}) format('woff2'); font-display: swap; }`);
  links.push(`    <link rel="preload" href="/fonts/${name}" as="font" type="font/woff2" crossorigin />`);
  console.log(`${name}  ${source.length} → ${cut.length} bytes`);
}
const page = path.join(ROOT, 'public', 'index.html');
const between = (text, from, to, inside) => text.replace(new RegExp(`(${from})[\\s\\S]*?(${to})`), (_, a, b) => `${a}\n${inside}\n${b}`);
let html = readFileSync(page, 'utf8');
html = between(html, '<!-- fonts -->', ' *<!-- /fonts -->', links.join('\n'));
html = between(html, '/\\* fonts \\*/', ' */\\* /fonts \\*/', rules.join('\n'));
writeFileSync(page, html);
