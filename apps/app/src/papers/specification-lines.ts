import { PAPERS_PHRASES } from '../words/papers-phrases';
import { type Saddle } from '@fulcra/contract';
import {
  type BySideAndZone,
  type RiderLoad,
  ZONES,
  archOfSetting,
  neutralWidth,
  presentSetup,
  shapeOf,
  type TriedOnVisit,
  SPAN_DEPTH_MM,
  CURVE_OVER_MM,
  describedOf,
  type UnmeasuredId,
  unmeasuredOf,
} from '@fulcra/core';
import { unmeasuredList } from '../words/saddle-measure-words';
import { padWords, signedMm, strapsWords } from '../words/setup-words';
import { shimWords, shimsPut } from '../words/shim-words';
import { SHAPE_WORDS } from '../words/verdict-words';

export type Line = readonly [string, string];

interface Specified {
  readonly saddle: Saddle;
  readonly tried: TriedOnVisit;
  readonly setting: Saddle['front']['settings'][number];
  /** Millimetres put into or taken out of the panels, by zone. */
  readonly filling: readonly Line[];
}

/** The chosen setup as what to make, and as what differs from the saddle as it hangs in the stock. */
export function specificationLines(saddle: Saddle, tried: TriedOnVisit): Readonly<Record<'make' | 'change' | 'horse', Line[]>> {
  const { setup } = tried;
  const setting = saddle.front.settings[setup.width] ?? saddle.front.settings[0]!;
  const filling = bothSides(setup.flock, PAPERS_PHRASES.filling, (near, off) => PAPERS_PHRASES.nearMmOff(signedMm(near), signedMm(off)));
  const specified = { saddle, tried, setting, filling };
  return { make: toMake(specified), change: toChange(specified), horse: onTheHorse(tried) };
}

/** A line for each zone in which either side has something. */
const bothSides = (by: BySideAndZone, name: (zone: string) => string, words: (near: number, off: number) => string): Line[] =>
  ZONES.flatMap((zone): Line[] => {
    const [near, off] = [by.near[zone], by.off[zone]];
    return near === 0 && off === 0 ? [] : [[name(zone), words(near, off)]];
  });

function toMake({ saddle, tried: { setup }, setting, filling }: Specified): Line[] {
  const { front, build } = saddle;
  const { frame, panel } = build;
  const said = saidOf(saddle);
  const { includedAngleDeg, spanAt100Mm } = neutralWidth(archOfSetting(front, setting, setup.shape));
  return [
    [
      PAPERS_PHRASES.frontWidth,
      said(PAPERS_PHRASES.includedMmAt(includedAngleDeg.toFixed(0), spanAt100Mm.toFixed(0), SPAN_DEPTH_MM), 'includedAngleDeg'),
    ],
    [PAPERS_PHRASES.makersLabel, `${saddle.maker} “${setting.label}”`],
    [
      PAPERS_PHRASES.archAndPoints,
      said(PAPERS_PHRASES.pointsMm(SHAPE_WORDS[shapeOf(describedOf(saddle), setup)], front.pointLengthMm), 'pointLengthMm'),
    ],
    [PAPERS_PHRASES.tree, said(PAPERS_PHRASES.mmLongMm(frame.lengthMm, setup.curveMm, CURVE_OVER_MM), 'lengthMm', 'curveMm')],
    [
      PAPERS_PHRASES.panelDepth,
      said(
        PAPERS_PHRASES.frontMiddleGusset(setup.frontDepthMm, panel.depthMidMm, setup.rearDepthMm),
        'depthFrontMm',
        'depthMidMm',
        'depthRearMm',
      ),
    ],
    [
      PAPERS_PHRASES.channel,
      said(
        PAPERS_PHRASES.frontMiddleRear(front.frontChannelMm, panel.channelMidMm, panel.channelRearMm),
        'frontChannelMm',
        'channelMidMm',
        'channelRearMm',
      ),
    ],
    [PAPERS_PHRASES.panel, `${panel.cross}, ${panel.filling === 'none' ? PAPERS_PHRASES.bareBars : panel.filling}`],
    ...filling,
  ];
}

/** Adds to a line which of its numbers nobody measured. */
function saidOf(saddle: Saddle): (words: string, ...ids: readonly UnmeasuredId[]) => string {
  const unknown = unmeasuredOf(saddle);
  return (words, ...ids) => {
    const those = ids.filter((id) => unknown.includes(id));
    return those.length === 0 ? words : PAPERS_PHRASES.notMeasuredOf(words, unmeasuredList(those));
  };
}

function toChange({ saddle, tried: { setup }, setting, filling }: Specified): Line[] {
  const described = describedOf(saddle);
  const now = presentSetup(described, setup.placeMm);
  const changed = (name: string, from: string, to: string): Line[] => (from === to ? [] : [[name, `${from} → ${to}`]]);
  const label = (name: string): string => `“${name}”`;
  return [
    ...(now.width === setup.width
      ? []
      : changed(PAPERS_PHRASES.width, label(saddle.front.settings[now.width]!.label), label(setting.label))),
    ...changed(PAPERS_PHRASES.arch, SHAPE_WORDS[saddle.front.shape], SHAPE_WORDS[shapeOf(described, setup)]),
    ...changed(PAPERS_PHRASES.treeCurve, `${now.curveMm} mm`, `${setup.curveMm} mm`),
    ...changed(PAPERS_PHRASES.frontDepth, `${now.frontDepthMm} mm`, `${setup.frontDepthMm} mm`),
    ...changed(PAPERS_PHRASES.rearGusset, `${now.rearDepthMm} mm`, `${setup.rearDepthMm} mm`),
    ...filling,
  ];
}

const onTheHorse = ({ setup, rider }: TriedOnVisit): Line[] => [
  [PAPERS_PHRASES.frontArch, PAPERS_PHRASES.mmBehindThe(setup.placeMm)],
  [PAPERS_PHRASES.straps, strapsWords(setup.straps)],
  [PAPERS_PHRASES.pad, padWords(setup.pad)],
  ...shimsPut(setup.shims).map((put): Line => [PAPERS_PHRASES.shim, shimWords(put)]),
  [PAPERS_PHRASES.triedWith, rider === null ? PAPERS_PHRASES.nobodyUp : riderWords(rider)],
];

const riderWords = (rider: RiderLoad): string =>
  PAPERS_PHRASES.kgUp(rider.massKg, seatWords(rider), rider.gait === 'stand' ? PAPERS_PHRASES.atHalt : PAPERS_PHRASES.in(rider.gait));

/** Where the rider sat, where that wasn't over the seat's lowest point. */
const seatWords = ({ offsetMm, alongMm = 0 }: RiderLoad): string =>
  (alongMm === 0 ? '' : PAPERS_PHRASES.mm(Math.abs(alongMm), alongMm < 0 ? 'ahead' : 'back')) +
  (offsetMm === 0 ? '' : PAPERS_PHRASES.mmToThe(Math.abs(offsetMm), offsetMm < 0 ? 'near' : 'off'));
