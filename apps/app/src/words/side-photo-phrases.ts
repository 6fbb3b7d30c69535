import { lengthWords, personUnit } from './person-unit';
import { LEAST_DISTANCE_MM, type PhotoPoint } from '@fulcra/core';

export const POINT_WORDS: Readonly<Record<PhotoPoint, string>> = {
  ear: 'ear',
  shoulder: 'shoulder',
  hip: 'hip',
  knee: 'knee',
  ankle: 'ankle',
  heel: 'heel',
  bar: 'stirrup bar',
};

/** What the screen of the photo from the side says. */
export const SIDE_PHOTO_PHRASES = {
  title: 'Side photo',
  photos: 'Photos from the side',
  how: 'Six metres away or more, the phone level, the rider’s hip in the middle; a staff of known length held at the near leg.',
  choose: 'Which photo',
  pick: (n: number): string => `Photo ${n}`,
  beside: 'Beside it',
  alone: 'none',
  marks: 'Mark',
  plumbTop: 'plumb, above',
  plumbFoot: 'plumb, below',
  scaleOne: 'scale, one end',
  scaleTwo: 'scale, other end',
  next: (name: string): string => `Tap: ${name}. Draw a mark to move it; arrow keys move it by one pixel, with shift by ten.`,
  allMarked: 'All is marked. Draw a mark to move it.',
  undo: 'Undo',
  plumbWay: 'Plumb',
  plumbDrawn: 'drawn on the photo',
  plumbTilt: 'the phone’s tilt',
  readTilt: 'Read the phone’s tilt now',
  tiltHow: 'Hold the phone as it was held for the photo, and tap.',
  noTilt: 'This device tells no tilt: type it, or draw a plumb.',
  tilt: 'Turned clockwise, degrees',
  looks: 'The horse looks',
  left: 'left',
  right: 'right',
  get scaleMm() {
    return `Known length, ${personUnit.now()}`;
  },
  scaleHint:
    'A staff or the iron’s height, at the near leg. Not the tread’s width: it points at the camera. Not the horse’s height: it lies deeper, and would be 4 to 6 % wrong.',
  distance: 'Camera away, m',
  tooNear: `Taken from nearer than ${LEAST_DISTANCE_MM / 1000} m: depth bends every offset, and the error said here no longer holds.`,
  noPlumb: 'Without a plumb nothing can be said: draw one, or give the phone’s tilt.',
  noScale: 'Mark both ends of the known length.',
  behind: (name: string): string => `${name} from the hip’s plumb`,
  offset: (mm: number): string =>
    Math.abs(mm) < 0.5 ? 'on it' : `${lengthWords(Math.abs(Math.round(mm)))} ${mm > 0 ? 'behind' : 'ahead'}`,
  kneeAngle: 'Knee, seen from the side',
  hipAngle: 'Hip, shoulder to knee',
  trunkLean: 'Trunk, forward of upright',
  leatherAngle: 'Leather from its plumb',
  notMarked: 'not marked',
  error: (mm: number, deg: number): string => `Sure to about ± ${lengthWords(mm)} and ± ${deg}°, at ${LEAST_DISTANCE_MM / 1000} m or more.`,
  keep: 'Keep these marks',
  kept: 'Marks kept.',
  board: 'The photo with its marks',
  noPhoto: 'No photo from the side yet',
  noPhotoText: 'Take or choose one; it is kept on this device at once, without signal too.',
} as const;
