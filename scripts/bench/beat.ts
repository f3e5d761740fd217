/** The beat in real time: ten minutes of cues on the sound's own clock, by the player as the page has it. */
import { readFileSync } from 'node:fs';
import path from 'node:path';
import type { Browser } from '@playwright/test';
import ts from 'typescript';
import { ROOT } from '../lib.mjs';
import { phone } from './browser';
import { table } from './report';

const MINUTES = Number(process.env.BEAT_MINUTES ?? 10);
/** A flick each 1.7 s, which falls on no timer. */
const EVERY_S = 1.7;

interface Heard {
  /** When the cue was due and for when it was handed over, by the sound's clock, and when that was, s. */
  dueS: number;
  handedS: number;
  atS: number;
}

export async function beatBench(browser: Browser): Promise<string> {
  const source = readFileSync(path.join(ROOT, 'core/planning/beat/player.ts'), 'utf8');
  const player = ts.transpileModule(source, {
    compilerOptions: { module: ts.ModuleKind.CommonJS, target: ts.ScriptTarget.ES2022 },
  }).outputText;
  const context = await phone(browser);
  const page = await context.newPage();
  // An empty page: what is measured is the browser's clock and timers. Sound wants a touch first.
  await page.setContent('<button style="width:200px;height:200px">on</button>');
  await page.getByRole('button').tap();
  const heard = await page.evaluate(
    async ([code, minutes, everyS]) => {
      const module = {
        exports: {} as {
          playBeat: (cues: { atS: number; kind: string }[], ports: object, fromS?: number) => { stop: () => void };
        },
      };
      new Function('module', 'exports', code as string)(module, module.exports);
      const audio = new AudioContext();
      await audio.resume();
      const out: { dueS: number; handedS: number; atS: number }[] = [];
      const cues = Array.from({ length: Math.floor((60 * Number(minutes)) / Number(everyS)) }, (_, i) => ({
        atS: (i + 1) * Number(everyS),
        kind: 'flick',
      }));
      const beganS = audio.currentTime;
      const wall = performance.now();
      const running = module.exports.playBeat(cues, {
        nowS: () => audio.currentTime,
        every: (ms: number, run: () => void) => {
          const t = setInterval(run, ms);
          return () => clearInterval(t);
        },
        sound: (cue: { atS: number }, atS: number) => {
          const o = audio.createOscillator();
          const g = audio.createGain();
          g.gain.value = 0.001;
          o.connect(g).connect(audio.destination);
          o.start(atS);
          o.stop(atS + 0.05);
          out.push({ dueS: cue.atS, handedS: atS - beganS, atS: audio.currentTime - beganS });
        },
      });
      await new Promise((r) => setTimeout(r, 60_000 * Number(minutes) + 1500));
      running.stop();
      const soundS = audio.currentTime - beganS;
      return { out, cues: cues.length, soundS, wallS: (performance.now() - wall) / 1000, rate: audio.sampleRate };
    },
    [player, MINUTES, EVERY_S] as const,
  );
  await context.close();
  const cues: Heard[] = heard.out;
  const firstOff = cues[0] ? cues[0].handedS - cues[0].dueS : NaN;
  const drift = cues.map((c) => Math.abs(c.handedS - c.dueS - firstOff));
  const early = cues.map((c) => c.handedS - c.atS);
  return `## The beat

${MINUTES} minutes in real time in headless Chromium, a cue each ${EVERY_S} s, the page's own player on the sound's clock (${heard.rate} Hz).

${table(
  ['what', 'figure'],
  [
    ['cues handed over, of those due', `${cues.length} of ${heard.cues}`],
    ['drift of a cue’s moment against the sound’s clock, at the most', `${(1000 * Math.max(...drift)).toFixed(3)} ms`],
    ['handed over before its moment, at the least', `${(1000 * Math.min(...early)).toFixed(0)} ms`],
    [
      'the sound’s clock against the page’s, over the whole time',
      `${(1000 * (heard.soundS - heard.wallS)).toFixed(0)} ms`,
    ],
  ],
)}`;
}
