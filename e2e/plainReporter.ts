/** Closes the run with plain lines that any machine can read. */
import type { FullResult, Reporter, Suite, TestCase } from '@playwright/test/reporter';

export default class PlainReporter implements Reporter {
  private tests: readonly TestCase[] = [];

  onBegin(_config: unknown, suite: Suite): void {
    this.tests = suite.allTests();
  }

  onEnd(_result: FullResult): void {
    const ended = (how: ReturnType<TestCase['outcome']>): readonly TestCase[] =>
      this.tests.filter((t) => t.outcome() === how);
    const secondTime = ended('flaky');
    console.log('');
    for (const t of secondTime) console.log(`Right only the second time: ${t.titlePath().filter(Boolean).join(' › ')}`);
    console.log(`${ended('expected').length + secondTime.length} passed, ${ended('unexpected').length} failed`);
  }
}
