import { type CriterionId, type Need, type SchoolId } from '@fulcra/core';

export const SCHOOL_WORDS: Readonly<Record<SchoolId, string>> = {
  'static-close': 'Fit the horse as it stands, close and even.',
  'shoulder-line': 'The front follows the shoulder blade, with three fingers all round the withers.',
  'room-to-move': 'One width over the even one, lifted with shims, so that the shoulder has room.',
  'panel-first': 'The panel makes the fit; the tree lies within a band of 4° round it.',
  western: 'Bars along the shoulder, felt under them.',
};

export const NEED_WORDS: Readonly<Record<Need, string>> = {
  frontSection: 'the front section',
  shoulderLine: 'the slope of the shoulder blade',
  scapulaAtRest: 'the scapula at rest',
  scapulaTravel: 'the scapula drawn forward',
  saddlePosition: 'where the saddle comes to lie',
  wholeBack: 'sections along the whole back',
  lastRib: 'the last rib',
  spineLigament: 'the edge of the spinal ligament',
  loadedBack: 'the back under load',
  girthGroove: 'the girth groove',
  longMuscle: 'the edge of the long back muscle',
  bars: 'the bars of the tree',
};

export const CRITERION_WORDS: Readonly<Record<CriterionId, string>> = {
  frontAngle: 'Front angle',
  withersClearance: 'Room over the withers',
  treePointBehindScapula: 'Tree points behind the scapula',
  stirrupBarBehindScapula: 'Stirrup bar behind the drawn-forward scapula',
  middleContact: 'Contact in the middle',
  rearEnd: 'End of tree or panel at the last rib',
  channelWidth: 'Width of the channel',
  pointStrap: 'Point strap',
};
