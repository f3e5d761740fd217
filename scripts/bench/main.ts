// npm run bench [-- part …]: measures on this machine and writes docs/PERFORMANCE.md. Never part of the tests: times
// belong to a machine.
import path from 'node:path';
import type { Browser } from '@playwright/test';
import { ROOT, stop } from '../lib.mjs';
import { withBrowser } from './browser';
import { agreementBench } from './agreement';
import { beatBench } from './beat';
import { bytesBench } from './bytes';
import { compositionBench } from './composition';
import { castPlanBench } from './castPlan';
import { choosingBench } from './choosing';
import { coreBench } from './core';
import { coresBench } from './cores';
import { crashBench } from './crashes';
import { diaryBench } from './diary';
import { filesBench } from './files';
import { fuzzCastsBench, fuzzFilesBench, fuzzVerbsBench } from './fuzz';
import { longListBench } from './longList';
import { longRecordBench } from './longRecord';
import { reopenedBench } from './reopened';
import { firstScreenBench } from './firstScreen';
import { dragBench } from './drag';
import { learningBench } from './learning';
import { placesBench } from './places';
import { plannerBench } from './planner';
import { plansBench } from './plans';
import { firstAnswersBench } from './firstAnswers';
import { promisesBench } from './promises';
import { machine, writePart } from './report';
import { seasonsBench } from './seasons';
import { simulatorBench } from './simulator';
import { spreadsheetBench } from './spreadsheet';
import { wanderBench } from './wander';
import { longTaskBench, loggingBench } from './walk';

const OUT = path.join(ROOT, 'docs', 'PERFORMANCE.md');
const inBrowser = (work: (b: Browser) => Promise<string>) => (): Promise<string> => withBrowser(work);
const PARTS: Record<string, () => Promise<string> | string> = {
  bytes: inBrowser(bytesBench),
  composition: compositionBench,
  'first-screen': inBrowser(firstScreenBench),
  'long-tasks': inBrowser(longTaskBench),
  drag: inBrowser(dragBench),
  logging: inBrowser(loggingBench),
  'long-record': inBrowser(longRecordBench),
  reopened: inBrowser(reopenedBench),
  crashes: inBrowser(crashBench),
  wander: inBrowser(wanderBench),
  choosing: inBrowser(choosingBench),
  core: coreBench,
  agreement: agreementBench,
  seasons: seasonsBench,
  learning: inBrowser(learningBench),
  diary: inBrowser(diaryBench),
  files: filesBench,
  'fuzz-files': fuzzFilesBench,
  'fuzz-verbs': fuzzVerbsBench,
  'fuzz-casts': fuzzCastsBench,
  'long-list': inBrowser(longListBench),
  spreadsheet: spreadsheetBench,
  'cast-plan': castPlanBench,
  places: placesBench,
  simulator: simulatorBench,
  planner: plannerBench,
  'first-answers': firstAnswersBench,
  promises: promisesBench,
  plans: inBrowser(plansBench),
  cores: coresBench,
  beat: inBrowser(beatBench),
};

const wanted = process.argv.slice(2);
const unknown = wanted.filter((w) => !(w in PARTS));
if (unknown.length > 0) stop(`No such part: ${unknown.join(', ')}. There are: ${Object.keys(PARTS).join(', ')}.`);
async function main(): Promise<void> {
  for (const [name, work] of Object.entries(PARTS)) {
    if (wanted.length > 0 && !wanted.includes(name)) continue;
    const text = `${await work()}\n\n_${machine()}, ${new Date().toISOString().slice(0, 10)}._`;
    console.log(`\n${text}\n`);
    writePart(OUT, name, text);
  }
}
void main();
