// Says what a runner left in its JSON file: `passed failed` on the first line, then what passed only at a second try, a name a line.
import { readFileSync } from 'node:fs';

const report = JSON.parse(readFileSync(process.argv[2] ?? '', 'utf8'));

/** All specs of a browser report, whatever they stand in. */
const specsIn = (suite) => [...(suite.specs ?? []), ...(suite.suites ?? []).flatMap(specsIn)];

if (report.stats) {
  const { expected, unexpected } = report.stats;
  const flaky = report.suites.flatMap(specsIn).filter((spec) => spec.tests.some((test) => test.status === 'flaky'));
  console.log(expected, unexpected + (report.errors ?? []).length);
  for (const spec of flaky) console.log(`${spec.file}: ${spec.title}`);
} else {
  // A file that could not be read at all has no tests to fail.
  const unread = report.testResults.filter((file) => file.status === 'failed' && file.assertionResults.length === 0);
  console.log(report.numPassedTests, report.numFailedTests + unread.length);
}
