import { lengthNumber, lengthWords } from './person-unit';
import {
  type LandmarkId,
  type NearOff,
  type Problem,
  type ProblemCode,
  type ProblemValues,
  type RiderMeasure,
  UNMEASURED_IDS,
  type UnmeasuredId,
  isProblem,
} from '@fulcra/core';
import { LANDMARK_WORDS } from './landmark-words';
import { RIDER_MEASURE_WORDS } from './rider-words';
import { measureShort } from './riders-phrases';
import { unmeasuredName } from './saddle-measure-words';

const mm = (value: number): string => lengthWords(Math.round(value * 10) / 10);
const side = ({ side }: { readonly side: NearOff }): string => `${side} side`;
/** A name of an earlier or later release is told as it came. */
const mark = (landmark: string): string => LANDMARK_WORDS[landmark as LandmarkId]?.name ?? landmark;
const measure = (id: string): string => (UNMEASURED_IDS.includes(id as UnmeasuredId) ? unmeasuredName(id as UnmeasuredId) : id);

const riderShort = (id: string): string => measureShort[id as RiderMeasure] ?? id;
/** A rider's measure, by its name where this release knows it. */
const LEATHER_MEASURES: Readonly<Record<string, string>> = {
  holes: 'Holes',
  perHole: 'What a hole changes, mm',
  'hang.near': 'Hang on the near side, mm',
  'hang.off': 'Hang on the off side, mm',
};
const leatherMeasure = (id: string): string => LEATHER_MEASURES[id] ?? id;
const riderMeasure = (id: string): string => RIDER_MEASURE_WORDS[id as RiderMeasure]?.name ?? id;

/** What each refusal says: the value, and what to do. */
const WORDS: { readonly [C in ProblemCode]: (values: ProblemValues[C]) => string } = {
  SECTION_NOT_A_NUMBER: (v) => `Point ${v.index} is not a number. Remove it and tap it again.`,
  SECTION_TOO_FEW_POINTS: (v) => `${v.count} points are too few for a section; it needs ${v.least}, on both sides.`,
  SECTION_TOO_MANY_POINTS: (v) => `${v.count} points are more than a section holds (${v.most}). Thin them out.`,
  SECTION_TOO_SMALL: (v) => `This section is only ${mm(v.spanMm)} wide. Were metres or inches typed as millimetres?`,
  SECTION_TOO_LARGE: (v) => `This section is ${mm(v.spanMm)} across, larger than any horse. Check the unit.`,
  SECTION_ONE_SIDED: (v) => `The ${side(v)} reaches only ${mm(v.reachMm)}; it needs ${mm(v.leastMm)}. Go on with that side.`,
  SECTION_TOO_SHALLOW: (v) => `The tracing ends at ${mm(v.depthMm)}; ${mm(v.neededMm)} are needed. Trace further down.`,
  SECTION_FOLDS: (v) => `The ${side(v)} turns back on itself at ${mm(v.depthMm)}. Check the points there.`,
  WIDTHS_TOO_FEW: (v) => `${v.count} depth${v.count === 1 ? ' is' : 's are'} too few; give at least ${v.least}.`,
  WIDTH_NOT_POSITIVE: (v) => `The ${side(v)} at ${mm(v.depthMm)} has a width of ${mm(v.widthMm)}. Measure it again.`,
  WIDTH_DEPTH_NOT_POSITIVE: (v) => `A depth of ${mm(v.depthMm)} is not below the spine. Depths count down from the spine.`,
  WIDTH_DEPTH_TWICE: (v) => `The depth ${mm(v.depthMm)} stands twice. Change or remove one.`,
  WIDTHS_CROSS: (v) =>
    `On the ${side(v)} the back is ${mm(v.lowerMm)} at ${mm(v.lowerDepthMm)}, narrower than ${mm(v.upperMm)} at ${mm(v.upperDepthMm)}. Check which width belongs to which depth.`,
  WIDTH_OUT_OF_RANGE: (v) => `${mm(v.widthMm)} on the ${side(v)} is wider than any horse (${mm(v.mostMm)}). Check the unit.`,
  BENDS_PITCH: (v) =>
    `Links of ${mm(v.pitchMm)} are not a curve’s (${lengthNumber(v.leastPitchMm)} to ${lengthWords(v.mostPitchMm)}). Check the device.`,
  BENDS_COUNT: (v) => `${v.count} joints are not a curve’s (${v.least} to ${v.most}). Check the device.`,
  BENDS_CENTRE: (v) => `Joint ${v.centreJoint} of ${v.count} can’t lie on the spine. Lay the centre mark on the spine.`,
  BEND_TOO_SHARP: (v) => `Joint ${v.joint} bends by ${Math.round(v.bendDeg)}°, more than ${v.mostDeg}°. Take it again.`,
  BENDS_TILT: (v) => `The curve stood at ${Math.round(v.tiltDeg)}°. Lay it on and take it again.`,
  LINE_NOT_A_NUMBER: (v) => `Point ${v.index} is not a number. Remove it and tap it again.`,
  LINE_TOO_FEW_POINTS: (v) => `${v.count} places are too few for a line; it needs ${v.least}.`,
  LINE_TOO_MANY_POINTS: (v) => `${v.count} points are more than a line holds (${v.most}). Thin them out.`,
  LINE_LENGTH: (v) =>
    `This line is ${mm(v.lengthMm)} long; a back has ${mm(v.leastMm)} to ${mm(v.mostMm)}. Go on further, or check the unit.`,
  LINE_TOO_STEEP: (v) => `At ${mm(v.xMm)} the line climbs steeper than ${v.mostDeg}°, which no back does. Check the points there.`,
  TAKE_OTHER_DIRECTION: (v) => `A reading of ${v.kind} runs the other way than this station. Take it at its own station.`,
  LANDMARK_OUT_OF_RANGE: (v) =>
    `${mark(v.landmark)} at ${mm(v.atMm)}: no horse has it there (${mm(v.leastMm)} to ${mm(v.mostMm)}). Check the unit.`,
  LANDMARK_ORDER: (v) =>
    `${mark(v.landmark)} at ${mm(v.atMm)} and ${mark(v.other).toLowerCase()} at ${mm(v.otherMm)}: no horse has them in this order. Feel for both again.`,
  SCAPULA_TRAVEL_BACKWARD: (v) =>
    `The ${side(v)}’s scapula would travel from ${mm(v.restMm)} ahead to ${mm(v.forwardMm)}; drawn forward, its edge swings back. Mark both again.`,
  MUSCLE_INSIDE_SPINE: (v) => `The muscle’s edges are ${mm(v.muscleMm)} apart, inside the spine’s ${mm(v.spineMm)}. Check which is which.`,
  SURFACE_TOO_FEW_STATIONS: (v) => `${v.count} section${v.count === 1 ? ' makes' : 's make'} no surface.`,
  SURFACE_STATIONS_COINCIDE: (v) => `Two stations stand at ${mm(v.atMm)}. Correct where one of them was taken.`,
  ARCH_ANGLE_OUT_OF_RANGE: (v) =>
    `This back would ask for a front beyond ${v.leastDeg}° to ${v.mostDeg}°, which nobody builds. Check the section.`,
  ARCH_LENGTH_OUT_OF_RANGE: (v) => `Points of ${mm(v.lengthMm)} are outside ${mm(v.leastMm)} to ${mm(v.mostMm)}. Check the saddle.`,
  ARCH_DOES_NOT_SETTLE: (v) => `A front of ${Math.round(v.angleDeg)}° finds no rest on this section. Check the section.`,
  SADDLE_OUT_OF_RANGE: (v) => `${measure(v.measure)}: ${v.value} is outside ${v.least} to ${v.most}. Check what was entered.`,
  SADDLE_RANGE_WITHOUT_VALUE: (v) =>
    `${measure(v.measure)}: ${v.value} lies outside the ${v.least} to ${v.most} it is said to lie between. Widen that, or correct it.`,
  SADDLE_PLACE_OUTSIDE: (v) => `${measure(v.measure)} at ${mm(v.atMm)} lies outside its tree of ${mm(v.lengthMm)}. Check what was entered.`,
  RIDER_MASS_OUT_OF_RANGE: (v) => `A rider of ${v.massKg} kg is outside 0 to ${v.mostKg} kg. Check the weight.`,
  RIDER_OFFSET_OUT_OF_RANGE: (v) =>
    `A rider ${mm(v.offsetMm)} from the middle of the seat is outside ${mm(v.mostMm)}. Check where they sit.`,
  STIRRUP_SHARE_OUT_OF_RANGE: (v) => `A share of ${v.share} on the stirrups is none: it lies between 0 and 1.`,
  GAIT_UNKNOWN: (v) => `There is no gait called “${v.gait}”. Choose one of the list.`,
  BACK_POSE_UNKNOWN: (v) => `There is no way of holding the back called “${v.pose}”. Choose one of the list.`,
  STRAP_PULL_OUT_OF_RANGE: (v) => `A strap pulled with ${v.pullN} N is outside 0 to ${v.mostN} N. Check the girth.`,
  STRAP_BUCKLE_ON_ANCHOR: (v) =>
    `The ${v.strap} strap would end on its own anchor: its buckle lies ${mm(v.belowMm)} below it, and needs ${mm(v.leastMm)}. Check where the strap hangs, and where the school has the girth’s buckles.`,
  SETUP_WIDTH_UNKNOWN: (v) => `This saddle has ${v.count} widths and none at place ${v.index}. Choose one of its own.`,
  SETUP_OUT_OF_RANGE: (v) =>
    `${setupMeasure(v.measure)}: ${lengthNumber(v.value)} is outside ${lengthNumber(v.least)} to ${lengthWords(v.most)}. Check what was set.`,
  SETUP_STRAP_UNKNOWN: (v) => `This saddle has no ${v.strap} strap. Choose two of its own.`,
  CONTACT_LISTS_DIFFER: (v) => `The list ${v.list} has ${v.count} entries where there are ${v.wanted} cells. Make them alike.`,
  SCHOOL_NUMBER_UNKNOWN: (v) => `A school has no number called ${v.path}.`,
  SCHOOL_NUMBER_OUT_OF_RANGE: (v) => `${v.path}: ${v.value} can’t be; from ${v.least} to ${v.most}.`,
  SCHOOL_CHOICE_UNKNOWN: (v) => `${v.path} can’t be “${v.value}”. Choose one of those offered.`,
  SCHOOL_LIMITS_CROSSED: (v) => `${v.path}: at least ${v.least} and at most ${v.most} can’t both hold.`,
  SCHOOL_VERSION_UNKNOWN: (v) => `${v.name} has no version ${v.version}.`,
  CONTACT_OUT_OF_RANGE: (v) => `${v.what} ${v.index}: ${v.value} can’t be. Check the problem that was posed.`,
  SADDLE_OFF_THE_BACK: (v) =>
    `${v.share} % of this saddle would lie where the back was not measured. Trace further, move it, or take a shorter saddle.`,
  RIDER_MEASURE_OUT_OF_RANGE: (v) => `${riderMeasure(v.measure)} of ${mm(v.mm)}: nobody has that (up to ${mm(v.mostMm)}). Check the unit.`,
  RIDER_MEASURE_MISSING: (v) => `${riderMeasure(v.measure)} is missing, and nothing measured tells it. Measure it.`,
  RIDER_LENGTHS_DISAGREE: (v) =>
    `${riderMeasure(v.measure)} of ${mm(v.mm)} and ${riderShort(v.against)} of ${mm(v.againstMm)} don’t belong to one body: ${mm(Math.round(v.expectedMm))} ± ${mm(Math.round(v.sdMm))} is expected. One of them is mistyped, or measured elsewhere. Measure both again; a second measuring that agrees is taken as it is.`,
  KNEE_ANGLE_OUT_OF_RANGE: (v) => `A knee of ${v.kneeDeg}° is none: 180° is straight. Choose a smaller bend.`,
  LEATHER_OUT_OF_RANGE: (v) =>
    `${leatherMeasure(v.measure)}: ${v.value} can’t be${v.least > 0 ? `; at least ${v.least}` : ''}. Check the pair of leathers.`,
  LEG_TOO_SHORT_SIDEWAYS: (v) =>
    `With the knee ${mm(v.kneeOutMm)} out from the middle this leg has nothing left to hang down. Check the barrel’s breadth and the leg.`,
  LEG_CANNOT_REACH_BAR: (v) => `So bent, this leg ends ${mm(v.byMm)} short of the stirrup bar’s plumb. Check where bar and seat are.`,
  LEG_TOO_SHORT_FOR_HANG: (v) => `A leather that hangs ${mm(v.hangMm)} is ${mm(v.byMm)} longer than this leg. Shorten it.`,
  BARREL_NOT_CONVEX: (v) =>
    `Once round ${mm(v.circumferenceMm)} with a breadth of ${mm(v.breadthMm)}${v.depthMm > 0 ? ` and a depth of ${mm(v.depthMm)}` : ''} is no barrel. Measure again, all at one place.`,
  BARREL_TRACING_TOO_SHORT: (v) => `${v.points} places are too few for half a barrel. Give at least ${v.least}, from the top down.`,
  BARREL_TRACING_OUT_OF_ORDER: (v) =>
    `Place ${v.place} (${mm(v.belowMm)} down) does not lie below the one before it, or no horse is that large. Put them in order from the top down.`,
  BARREL_TRACING_HOLLOW: (v) => `At ${mm(v.belowMm)} down the barrel would be hollow, and no girth lies in a hollow. Measure there again.`,
  PHOTO_POINTS_MISSING: (v) => `Not marked yet: ${v.missing}. Mark them on the photo.`,
  PHOTO_SCALE_TOO_SHORT: (v) =>
    `The known length is only ${Math.round(v.px)} px long on this photo; under ${v.leastPx} px a finger’s error spoils every number. Come closer, or mark a longer one.`,
  HANG_TOO_SHORT: (v) =>
    `A leather that hangs ${mm(v.hangMm)} is too short to be ridden in; the way over the flap alone takes ${mm(v.leastMm)}.`,
};

/** What of a setting a number is. */
const SETUP_MEASURES: Readonly<Record<string, string>> = {
  curveMm: 'Curve of the tree',
  depthFrontMm: 'Depth in front',
  depthRearMm: 'Depth at the rear',
  placeMm: 'Place behind the scapula',
  padMm: 'Pad',
  flockMm: 'Filling',
  shimMm: 'Shim',
};
const setupMeasure = (id: string): string => SETUP_MEASURES[id] ?? id;

export const problemWords = (problem: Problem): string => (WORDS[problem.code] as (values: Problem['values']) => string)(problem.values);

export type WireProblem = Parameters<typeof isProblem>[0];

/** What came over the wire: in words where this release knows it, else by its code. */
export const wireProblemWords = (given: WireProblem): string =>
  isProblem(given) ? problemWords(given) : `It was refused (${given.code}).`;
