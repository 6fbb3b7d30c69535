import { type CriterionId, type School, BESIDE_AT_MM, MOST_TILT_DEG, PEAK_OVER_MM2, WITHERS_UNDER_MM } from '@fulcra/core';

interface CriterionWords {
  readonly name: string;
  /** What it means below the least and above the most; a sentence without its number. */
  readonly low: string;
  readonly high: string;
  /** What helps. */
  readonly raise: string;
  readonly lower: string;
  /** Which drawing shows it. */
  readonly on: 'top' | 'side' | 'section';
  /** Where the number comes from; a function where it rests on a constant of the school. */
  readonly how: string | ((school: School) => string);
}

export const SIT_WORDS: Readonly<Record<CriterionId, CriterionWords>> = {
  sits: {
    name: 'Comes to rest',
    low: 'It does not sit: it tips or slides off before the load is carried',
    high: '',
    raise: 'Another tree; nothing adjustable mends this.',
    lower: '',
    on: 'side',
    how: `Found by letting the saddle sink until back, panel and pad carry every load; past ${MOST_TILT_DEG}° of tilt it counts as not sitting.`,
  },
  withersOver: {
    name: 'Room over the withers, loaded',
    low: 'Too low over the withers',
    high: 'High over the withers: often too narrow',
    raise: 'Narrower, a deeper front panel, or shims in front.',
    lower: 'One wider, or less depth in front.',
    on: 'section',
    how: `The least height of the arch’s crown over the spine, from the arch to ${WITHERS_UNDER_MM} mm behind it, once loaded; a pad over the withers is taken off.`,
  },
  withersBeside: {
    name: 'Room beside the withers',
    low: 'Tight beside the withers',
    high: '',
    raise: 'A rounder or broader arch, or a wider channel in front.',
    lower: '',
    on: 'section',
    how: `The least gap, normal to the arch, ${BESIDE_AT_MM[0]} to ${BESIDE_AT_MM.at(-1)} mm beside the spine.`,
  },
  pointBehindScapula: {
    name: 'Tree points behind the scapula',
    low: 'The tree points come too near the scapula',
    high: '',
    raise: 'Further back, or a tree with points that lean less forward.',
    lower: '',
    on: 'side',
    how: 'From the resting edge of the scapula, the side that lies further back, to the tips of the points.',
  },
  panelBehindScapula: {
    name: 'Panel’s front edge behind the scapula',
    low: 'The panel lies on the scapula',
    high: '',
    raise: 'Further back, or a panel cut back in front.',
    lower: '',
    on: 'side',
    how: 'From the resting edge of the scapula to the front edge of the panel.',
  },
  barBehindForward: {
    name: 'Stirrup bar behind the drawn-forward scapula',
    low: 'The stirrup bar is too near the drawn-forward scapula',
    high: '',
    raise: 'Further back, or a bar set further back.',
    lower: '',
    on: 'side',
    how: 'From the scapula’s edge with the leg drawn forward to the stirrup bar.',
  },
  channelWidth: {
    name: 'Channel, narrowest place',
    low: 'The channel is too narrow',
    high: '',
    raise: 'A panel with a wider channel.',
    lower: '',
    on: 'top',
    how: 'Between the inner edges of the two panels, at the narrowest place.',
  },
  ligamentClear: {
    name: 'Channel clear of spine and ligament',
    low: 'The channel presses on spine or ligament',
    high: '',
    raise: 'A panel with a wider channel.',
    lower: '',
    on: 'top',
    how: 'Width of the channel less the felt width of spine and ligament at the same place, both sides together; the least of all places.',
  },
  treeBeforeRib: {
    name: 'Tree ends before the last rib',
    low: 'The tree reaches past the last rib',
    high: '',
    raise: 'A shorter tree, or further forward if the scapula allows it.',
    lower: '',
    on: 'side',
    how: 'From the rear end of the tree forward of the last rib.',
  },
  panelBeforeRib: {
    name: 'Panel ends before the last rib',
    low: 'The panel reaches past the last rib',
    high: '',
    raise: 'A shorter panel, or an upswept rear.',
    lower: '',
    on: 'side',
    how: 'From the rear end of the panel forward of the last rib.',
  },
  frontEven: {
    name: 'Front even over the points',
    low: 'Too narrow in front: closer at the points than at the top',
    high: 'Too wide in front: closer at the top than at the points',
    raise: 'One wider.',
    lower: 'One narrower, or lift the front.',
    on: 'section',
    how: 'Gap at the tip of the point less the gap at its top, mean of both sides, on the front section without load, less what the school wants there.',
  },
  middleShare: {
    name: 'Share of the middle third',
    low: 'It bridges: the ends carry and the middle does not',
    high: 'It rocks: the middle carries and the ends do not',
    raise: 'A tree with more curve, or filling in the middle.',
    lower: 'A flatter tree, or filling at the ends.',
    on: 'top',
    how: 'Load carried by the middle third of the panels’ length over the whole load; a third each would be 33 %.',
  },
  bridgeGap: {
    name: 'Gap under the middle',
    low: '',
    high: 'A hand slips under the middle',
    raise: '',
    lower: 'A tree with more curve, or filling in the middle.',
    on: 'top',
    how: 'The greatest mean gap of a row in the middle third, once loaded.',
  },
  seatLevel: {
    name: 'Level of the seat',
    low: 'The seat tips forward',
    high: 'The seat tips back',
    raise: 'More depth in front, or less at the rear.',
    lower: 'More depth at the rear, or one wider in front.',
    on: 'side',
    how: 'Turn of the tree against the level, once loaded: + is cantle low, − is pommel low.',
  },
  roll: {
    name: 'Level from side to side',
    low: 'It leans to the near side',
    high: 'It leans to the off side',
    raise: 'Filling or a shim under the near side.',
    lower: 'Filling or a shim under the off side.',
    on: 'section',
    how: 'Roll of the tree, once loaded: + is the off side low, − the near side.',
  },
  nearShare: {
    name: 'Share of the near side',
    low: 'The off side carries more',
    high: 'The near side carries more',
    raise: 'Move filling toward the near side.',
    lower: 'Move filling toward the off side.',
    on: 'top',
    how: 'Load on the near panel over the whole load.',
  },
  edgeShare: {
    name: 'Load on an edge of the panel',
    low: '',
    high: 'The panel lies on its edge',
    raise: '',
    lower: 'Match the panel’s angle or shape to the back: a round back wants a flat or hollow panel.',
    on: 'top',
    how: 'Load on the inner or outer quarter of a panel’s width, whichever is most; a quarter would be even.',
  },
  insideMuscle: {
    name: 'Panel inside the long back muscle',
    low: 'The panel lies past the edge of the long back muscle',
    high: '',
    raise: 'A narrower panel.',
    lower: '',
    on: 'top',
    how: 'Half the felt width of the muscle less the panel’s outer edge, the least of all places.',
  },
  seatOverLow: {
    name: 'Seat over the low point of the back',
    low: 'The seat lies ahead of the low point',
    high: 'The seat lies behind the low point',
    raise: 'Further back, or a seat set further back.',
    lower: 'Further forward if the scapula allows it, or a seat set further forward.',
    on: 'side',
    how: 'Lowest point of the seat less the lowest point of the back, along the spine.',
  },
  meanPressure: {
    name: 'Mean pressure (screening)',
    low: '',
    high: 'More mean pressure than the screening level',
    raise: '',
    lower: 'More bearing surface, a lighter load, or more even contact.',
    on: 'top',
    how: 'Mean over the cells that touch, from springs of panel, pad and tissue. A screening level, not a diagnosis.',
  },
  peakPressure: {
    name: 'Peak pressure (screening)',
    low: '',
    high: 'A pressure point over the screening level',
    raise: '',
    lower: 'Look where the map is darkest: ease the filling there, or change what puts the load there.',
    on: 'top',
    how: `Greatest mean over any ${PEAK_OVER_MM2 / 100} cm². A screening level, not a diagnosis.`,
  },
  driftAlong: {
    name: 'Drift fore and aft',
    low: 'It wants to run forward',
    high: 'It wants to run back',
    raise: 'A strap further forward, a girth cut for a forward groove, or the point strap.',
    lower: 'The rear pair of straps.',
    on: 'side',
    how: ({ engine }) =>
      `What slope of the back and straps pull along the back, over what friction can hold (${engine.friction}, default). Beyond 1 it slides.`,
  },
  driftAcross: {
    name: 'Drift to a side',
    low: 'It wants to slip to the near side',
    high: 'It wants to slip to the off side',
    raise: 'Level it from side to side first.',
    lower: 'Level it from side to side first.',
    on: 'top',
    how: 'What the slope across the back pulls sideways, over what friction can hold. Beyond 1 it slips.',
  },
  strapLean: {
    name: 'Straps from plumb',
    low: 'The straps lie ahead of the girth groove and push the saddle back',
    high: 'The straps lie behind the girth groove and pull the saddle forward',
    raise: 'Use straps further back.',
    lower: 'Use straps further forward, or a girth cut for a forward groove.',
    on: 'side',
    how: ({ engine }) =>
      `The strap that leans most, from its anchor to the groove ${engine.girthBuckle.belowMm} mm below the arch (default).`,
  },
  pointStrapUsed: {
    name: 'Point strap in use',
    low: '',
    high: 'The point strap is in use, which this school keeps for a saddle that runs forward',
    raise: '',
    lower: 'Use it only where the drift without it is worse.',
    on: 'side',
    how: 'Which straps the girth is buckled to.',
  },
  padThickness: {
    name: 'Pad',
    low: 'Less pad than this school counts on',
    high: 'A thicker pad than this school allows; a pad never mends a wrong tree',
    raise: 'The pad the school is made for.',
    lower: 'A thinner pad, and the right tree.',
    on: 'section',
    how: 'Thickness of what lies between panel and horse.',
  },
};

export function howWords(id: CriterionId, school: School): string {
  const { how } = SIT_WORDS[id];
  return typeof how === 'string' ? how : how(school);
}
