import { type SaddleMeasureId, SADDLE_MEASURE_PATHS, SADDLE_MEASURE_IDS, isProblem } from '@fulcra/core';
import { type z } from 'zod';
import { problemWords } from './problem-words';

/** What each measure of a saddle is called, and how it is taken. */
export const SADDLE_MEASURE_WORDS: Readonly<Record<SaddleMeasureId, { readonly name: string; readonly how: string }>> = {
  pointLengthMm: { name: 'Length of a point', how: 'Along the inside of a tree point, from where it leaves the arch to its tip.' },
  frontChannelMm: { name: 'Channel in front', how: 'Between the panels behind the points.' },
  headRiseMm: { name: 'Rise of the head', how: 'A straight edge along the rails; from it up to the crown of the arch.' },
  pointRakeDeg: {
    name: 'Lean of the points',
    how: 'How far the points lean forward of the arch, seen from the side; backward is less than nothing.',
  },
  lengthMm: { name: 'Length of the tree', how: 'Saddle upside down: from the front of the arch level to the rear end of the tree.' },
  midAngleDeg: { name: 'Angle in the middle', how: 'Two sticks laid on the panels halfway along; the angle between them.' },
  rearAngleDeg: { name: 'Angle at the rear', how: 'The same a hand ahead of the rear end.' },
  seatLowMm: { name: 'Lowest point of the seat', how: 'A marble on the seat; from where it lies level to the front of the arch.' },
  barMm: { name: 'Stirrup bar', how: 'From the front of the arch to the middle of the bar.' },
  massKg: { name: 'Weight', how: 'With its leathers and irons, as it goes on the horse.' },
  massAtMm: { name: 'Balance', how: 'Over a rail or a stretched hand; from the front of the arch to where it balances.' },
  channelMidMm: { name: 'Channel in the middle', how: 'Between the panels, halfway along.' },
  channelRearMm: { name: 'Channel at the rear', how: 'Between the panels, at the rear end of the tree.' },
  widthFrontMm: { name: 'Panel width in front', how: 'One panel from its inner to its outer edge, level across.' },
  widthMidMm: { name: 'Panel width in the middle', how: 'The same, halfway along.' },
  widthRearMm: { name: 'Panel width at the rear', how: 'The same, at the rear end of the tree.' },
  depthMidMm: { name: 'Panel depth in the middle', how: 'From tree to underside, halfway along, unloaded.' },
  aheadMm: { name: 'Panel ahead of the arch', how: 'From the front of the arch forward to the panel’s edge.' },
  cutBackMm: { name: 'Cut back for the shoulder', how: 'How much further back the panel’s outer front corner lies than its inner one.' },
  pastTreeMm: { name: 'Panel past the tree', how: 'From the rear end of the tree back to the panel’s end.' },
  frontTurnMm: { name: 'Front turned up', how: 'How far the front edge of the panel or bar turns off the horse: a bar’s flare.' },
  rearTurnMm: { name: 'Rear turned up', how: 'How far the rear end turns off the horse.' },
  bevelMm: { name: 'Rounded edges', how: 'How far in from its edge the panel is rounded off.' },
  curveMm: { name: 'Lengthwise curve', how: 'A straight edge 400 mm long along the underside; the greatest gap under its middle.' },
  depthFrontMm: { name: 'Panel depth in front', how: 'From tree to underside beside the point, unloaded.' },
  depthRearMm: { name: 'Rear gusset', how: 'From tree to underside at the rear, unloaded.' },
};

export const measureHow = (id: string | null): string | undefined =>
  id === null ? undefined : SADDLE_MEASURE_WORDS[id as SaddleMeasureId]?.how;

/** Fields of a saddle that are no measures of it, by where they stand. */
const OTHER_FIELDS: Readonly<Record<string, string>> = {
  name: 'Name',
  maker: 'Maker',
  whereabouts: 'Where it is',
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
