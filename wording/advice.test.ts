import { readFileSync } from 'node:fs';
import path from 'node:path';
import { SCENES } from '../core/fixtures/adviceScenes';
import { adviceOf } from '../core/log/advice';
import { adviceText } from './advice';
import { adviceTable } from './adviceTable';
import { IMPERIAL } from './units';

const ZONE = 'Etc/GMT+5';

test.each(SCENES)('$logged', ({ ask, says }) => {
  const { fact, advice } = adviceText(adviceOf(ask), ZONE, IMPERIAL);
  expect(`${fact} ${advice}`).toContain(says);
});

test('the same question, the same answer; nothing of it is changed', () => {
  for (const { ask } of SCENES) {
    const before = JSON.stringify(ask);
    expect(adviceOf(ask)).toEqual(adviceOf(ask));
    expect(JSON.stringify(ask)).toBe(before);
  }
});

test('docs/ADVICE.md has these scenes and sentences', () => {
  const plain = (s: string): string => s.replace(/ {2,}/g, ' ').replace(/-{3,}/g, '---');
  const doc = plain(readFileSync(path.join(__dirname, '..', 'docs', 'ADVICE.md'), 'utf8'));
  for (const line of plain(adviceTable(ZONE, IMPERIAL)).trim().split('\n')) expect(doc).toContain(line);
});
