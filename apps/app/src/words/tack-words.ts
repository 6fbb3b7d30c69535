import { lengthNumber, lengthWords } from './person-unit';
import { type TackFinding, type TackKind, type TackPoint, type TackRound, type TackSpot, type TackState } from '@fulcra/core';
import { BAR_TAIL_PAST_CANTLE_MM, BOOT_HEEL_LEAST_MM, IRON_OVER_BOOT_MM } from '@fulcra/core';
import { type GIRTH_ELASTICS, type GIRTH_MATERIALS } from '@fulcra/contract';
import { type Tone } from './tone';

export const TACK_STATE_WORDS: Readonly<Record<TackState, string>> = {
  sound: 'checked, sound',
  lapsed: 'was sound; not looked at since',
  notChecked: 'not checked yet',
  watch: 'something to watch',
  unsafe: 'unsafe, held',
};
export const TACK_STATE_TONE: Readonly<Record<TackState, Tone>> = {
  sound: 'good',
  lapsed: 'lookOut',
  notChecked: 'plain',
  watch: 'lookOut',
  unsafe: 'bad',
};
export const FINDING_WORDS: Readonly<Record<TackFinding, string>> = { sound: 'sound', watch: 'watch', unsafe: 'unsafe' };
export const FINDING_TONE: Readonly<Record<TackFinding, Tone>> = { sound: 'good', watch: 'lookOut', unsafe: 'bad' };
export const TACK_KIND_WORDS: Readonly<Record<TackKind, string>> = { saddle: 'Saddle', leather: 'Leathers', girth: 'Girth' };
export const ROUND_WORDS: Readonly<Record<TackRound, string>> = { full: 'whole walk', monthly: 'monthly look' };

export const MATERIAL_WORDS: Readonly<Record<(typeof GIRTH_MATERIALS)[number], string>> = {
  leather: 'leather',
  webbing: 'webbing',
  string: 'string',
  synthetic: 'synthetic',
  mohair: 'mohair',
  felt: 'felt',
};
export const ELASTIC_WORDS: Readonly<Record<(typeof GIRTH_ELASTICS)[number], string>> = {
  none: 'none',
  middle: 'in the middle',
  oneEnd: 'at one end',
  bothEnds: 'at both ends',
};

interface PointWords {
  readonly name: string;
  /** What the hands do. */
  readonly how: string;
  /** What makes it unsafe. */
  readonly unsafe: string;
}

/** Every point of the walk: its name, what the hands do there, and what makes it unsafe. */
export const POINT_WORDS: Readonly<Record<TackPoint, PointWords>> = {
  treeArch: {
    name: 'Front arch',
    how: 'Hold both points and press them together and apart, firmly.',
    unsafe: 'It moves, clicks or squeaks.',
  },
  treeTwist: {
    name: 'Twist of the tree',
    how: 'Pommel against the hip, both hands on the cantle: turn it one way and the other.',
    unsafe: 'One side gives more than the other, or it creaks.',
  },
  treeSeat: { name: 'Seat', how: 'Press the middle of the seat with the heel of the hand.', unsafe: 'It sinks, clicks or folds across.' },
  barRivets: { name: 'Rivets of the bar', how: 'Push and pull the stirrup bar with the thumb.', unsafe: 'Any play at all.' },
  barSlides: {
    name: 'Leather on the bar',
    how: 'Hang the leather on; let go; then pull it straight back.',
    unsafe: 'It comes off by itself, or does not come off under a pull.',
  },
  barCatch: {
    name: 'Safety catch',
    how: 'Work the catch up and down.',
    unsafe: 'Up, stuck, or it falls up under a tap. It is ridden down.',
  },
  strapHoles: {
    name: 'Holes of the straps',
    how: 'Bend each strap at each hole.',
    unsafe: 'Drawn into the next hole, or torn at the edge.',
  },
  strapCracks: { name: 'Face of the straps', how: 'Bend each strap over a finger, grain side out.', unsafe: 'Cracks that open when bent.' },
  strapStitching: {
    name: 'Stitching of the straps',
    how: 'Look under the flap at the top of each strap; pick at the thread with a nail.',
    unsafe: 'A stitch is broken or pulls out.',
  },
  strapWeb: {
    name: 'Web above the straps',
    how: 'Feel the web where it goes over the tree.',
    unsafe: 'Frayed, or coming out of its tacks.',
  },
  strapPull: {
    name: 'Each strap pulled',
    how: 'Pull each strap hard, one after the other.',
    unsafe: 'It gives, or one gives more than its neighbour.',
  },
  panelFromFront: {
    name: 'Panels from the front',
    how: 'Set it on a level surface and look from the front: both sides as high, as thick.',
    unsafe: 'It stands crooked by itself. A stitch line off centre is cosmetic: cover it and look again.',
  },
  panelFromBehind: {
    name: 'Panels from behind',
    how: 'The same from behind.',
    unsafe: 'It stands crooked by itself. A stitch line off centre is cosmetic: cover it and look again.',
  },
  panelAlong: {
    name: 'Along the panel',
    how: 'Run the flat hand along the panel from front to back.',
    unsafe: 'A nail, a hard edge, a hole in the cover.',
  },
  leatherChannel: {
    name: 'Channel of the stirrup leather',
    how: 'Feel in the channel where the leather goes over the bar.',
    unsafe: 'Dried hide bridges it: the leather saws on an edge.',
  },
  barTails: {
    name: 'Tails of the bars',
    get how() {
      return `Measure how far each bar reaches past the cantle: at least ${lengthWords(BAR_TAIL_PAST_CANTLE_MM)}.`;
    },
    unsafe: 'Shorter, or broken under the skirt.',
  },
  rigging: { name: 'Rigging', how: 'Pull each ring or plate straight down, hard.', unsafe: 'A screw, rivet or stitch gives.' },
  cinchStrap: {
    name: 'Cinch strap',
    how: 'Bend it at each hole and at the ring.',
    unsafe: 'Cracks that open, or a hole drawn into the next.',
  },
  flankConnector: {
    name: 'Strap between the cinches',
    how: 'Look that the strap joins front and flank cinch, buckled at both ends.',
    unsafe: 'Missing or torn: a flank cinch is never used without it.',
  },
  saddleOther: { name: 'Anything else', how: 'Whatever else you find on this saddle.', unsafe: 'Whatever you would not ride in.' },
  leatherHoles: { name: 'Holes', how: 'Bend the leather at each hole in use.', unsafe: 'Drawn long into the next, or torn at the edge.' },
  leatherBuckle: {
    name: 'Buckle and pin',
    how: 'Work the pin; look whether it lies in its groove.',
    unsafe: 'Bent, worn through, or the pin slips past.',
  },
  leatherStitching: {
    name: 'Stitching at the buckle',
    how: 'Pick at the thread with a nail, both rows.',
    unsafe: 'A stitch is broken or pulls out.',
  },
  leatherEnd: { name: 'Lifting at the end', how: 'Look along the edge where the end is turned over.', unsafe: 'The layers come apart.' },
  leatherAtTread: { name: 'Where the iron hangs', how: 'Slide the iron aside and bend the leather there.', unsafe: 'Cracked or thinned.' },
  leatherAtBar: { name: 'Where it lies on the bar', how: 'Take it off and bend it where the bar was.', unsafe: 'Cracked or thinned.' },
  iron: {
    name: 'Iron',
    get how() {
      return `Look at eye and tread; try the release if it has one. The iron is ${lengthNumber(IRON_OVER_BOOT_MM.least)} to ${lengthWords(IRON_OVER_BOOT_MM.most)} wider than the boot; its heel at least ${lengthWords(BOOT_HEEL_LEAST_MM)}.`;
    },
    unsafe: 'Bent or cracked; a release that opens by itself or not at all; narrower, or so wide that the foot slides through.',
  },
  leatherOther: { name: 'Anything else', how: 'Whatever else you find on this pair.', unsafe: 'Whatever you would not ride in.' },
  girthBuckles: { name: 'Buckles', how: 'Work each pin and roller.', unsafe: 'A pin slips past, a roller is broken.' },
  girthStitching: { name: 'Stitching', how: 'Pull at each buckle, one after the other.', unsafe: 'A stitch is broken or pulls out.' },
  girthElastic: { name: 'Elastic', how: 'Stretch it and let go.', unsafe: 'It stays long, or threads stand out.' },
  girthBody: {
    name: 'Along the girth',
    how: 'Run the hand along the side that lies on the horse.',
    unsafe: 'Cracked across, or an edge that cuts.',
  },
  girthOther: { name: 'Anything else', how: 'Whatever else you find on this girth.', unsafe: 'Whatever you would not ride in.' },
};

const SIDE_WORDS = { near: 'near', off: 'off' } as const;

/** "Stitching at the buckle, near". */
export const spotWords = ({ point, side }: TackSpot): string => `${POINT_WORDS[point].name}${side === null ? '' : `, ${SIDE_WORDS[side]}`}`;
