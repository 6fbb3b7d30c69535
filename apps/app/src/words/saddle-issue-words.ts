import { SADDLE_MEASURE_IDS, SADDLE_MEASURE_PATHS, isProblem } from '@fulcra/core';
import { type z } from 'zod';
import { problemWords } from './problem-words';
import { SADDLE_MEASURE_WORDS } from './saddle-measure-words';

/** Fields of a saddle that are no measures of it, by where they stand. */
const OTHER_FIELDS: Readonly<Record<string, string>> = {
  name: 'Name',
  maker: 'Maker',
  whereabouts: 'Where it is',
  serial: 'Serial number',
  note: 'Note',
  'front.settings': 'Widths',
  'front.presentSetting': 'The width that is set now',
  'front.frontPanelDepthMm': 'Panel depth in front',
  'build.panel.flock.leastMm': 'Filling that can be taken out',
  'build.panel.flock.mostMm': 'Filling that can be added',
  'build.panel.flock.stepMm': 'Steps of the filling',
  'build.straps': 'Girth straps',
};

/** The field a path of a saddle's description leads to, in words; the path itself where it leads to none. */
function saddleFieldWords(path: readonly PropertyKey[]): string {
  const steps = path.map(String);
  for (let length = steps.length; length > 0; length -= 1) {
    const place = steps.slice(0, length).join('.');
    const measure = SADDLE_MEASURE_IDS.find((id) => SADDLE_MEASURE_PATHS[id].join('.') === place);
    if (measure !== undefined) return SADDLE_MEASURE_WORDS[measure].name;
    if (OTHER_FIELDS[place] !== undefined) return OTHER_FIELDS[place];
  }
  return steps.join(' › ');
}

/** What is wrong with a field of a saddle: its name, what it is, and what would do. */
export function saddleIssueWords(issue: z.core.$ZodIssue): string {
  const problem: unknown = issue.code === 'custom' ? issue.params?.problem : undefined;
  if (problem !== undefined && isProblem(problem as never)) return problemWords(problem as never);
  const name = saddleFieldWords(issue.path);
  switch (issue.code) {
    case 'too_small':
      return issue.origin === 'string' ? `${name}: something has to stand here.` : `${name}: ${issue.minimum} is the least.`;
    case 'too_big':
      return issue.origin === 'string' ? `${name}: ${issue.maximum} letters is the most.` : `${name}: ${issue.maximum} is the most.`;
    case 'custom':
      return `${name}: it ${issue.message}.`;
    default:
      return `${name}: this can’t be read. Enter it again.`;
  }
}

export const STOCK_FILE_WORDS = {
  notJson: 'This file is not JSON, so nothing was taken in. Choose a stock file made by Fulcra.',
} as const;

/** Why a stock file is not taken in: which of its saddles, and what of it. */
export function stockRefusalWords(issue: z.core.$ZodIssue): string {
  const [list, index, ...path] = issue.path;
  if (list !== 'saddles' || typeof index !== 'number')
    return `Nothing was taken in: this is not a stock file (${String(list ?? 'nothing in it')}). Choose one made by Fulcra.`;
  return `Nothing was taken in. Saddle ${index + 1}, ${saddleIssueWords({ ...issue, path })}`;
}
