/** Closes the run with one plain line that any machine can read. */
import type { FullResult, Reporter, TestCase, TestResult } from '@playwright/test/reporter';

export default class PlainReporter implements Reporter {
  private passed = 0;
  private failed = 0;

  onTestEnd(_test: TestCase, result: TestResult): void {
    if (result.status === 'passed') this.passed++;
    else if (result.status !== 'skipped') this.failed++;
  }

  onEnd(_result: FullResult): void {
    console.log(`\n${this.passed} passed, ${this.failed} failed`);
  }
}
