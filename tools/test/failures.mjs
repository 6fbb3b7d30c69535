import { basename } from 'node:path';

/** Names of what failed in a report of Jest, a file that could not run by itself. */
export const failuresOfJest = (report) =>
  (report?.testResults ?? []).flatMap(({ name, status, assertionResults }) => {
    const failed = assertionResults.filter((a) => a.status === 'failed').map((a) => `${basename(name)}: ${a.fullName}`);
    return failed.length > 0 || status !== 'failed' ? failed : [`${basename(name)} could not run`];
  });

/** The same of Playwright's; what passed at a second try counts as failed. */
export const failuresOfPlaywright = (report) => (report?.suites ?? []).flatMap((suite) => ofSuite(suite));

const ofSuite = (suite) => [
  ...suite.specs
    .filter((spec) => spec.tests.some((t) => t.status === 'unexpected' || t.status === 'flaky'))
    .map((spec) => `${suite.file}:${spec.line} ${spec.title}`),
  ...(suite.suites ?? []).flatMap((inner) => ofSuite(inner)),
];

const FEW_LINES = 4;

/** What a step without a report of its own says went wrong: the lines that say so, else its last ones, as one failure. */
export function lastLines(text) {
  const lines = text.split('\n').filter((line) => line.trim() !== '');
  const broken = lines.filter((line) => /^(BROKEN|\w*Error\b)|\berror\b/.test(line));
  return [(broken.length > 0 ? broken : lines).slice(-FEW_LINES).join(' | ') || 'ended without a word'];
}
