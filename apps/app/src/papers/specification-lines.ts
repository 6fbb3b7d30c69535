import { type Saddle } from '@fulcra/contract';
import {
  type RiderLoad,
  archOfSetting,
  neutralWidth,
  presentSetup,
  shapeOf,
  type TriedOnVisit,
  SPAN_DEPTH_MM,
  CURVE_OVER_MM,
  describedOf,
} from '@fulcra/core';
import { padWords, signedMm, strapsWords } from '../words/setup-words';
import { SHAPE_WORDS } from '../words/verdict-words';

export type Line = readonly [string, string];

/** The chosen setup as what to make, and as what differs from the saddle as it hangs in the stock. */
export function specificationLines(
  saddle: Saddle,
  tried: TriedOnVisit,
): { readonly make: Line[]; readonly change: Line[]; readonly horse: Line[] } {
  const described = describedOf(saddle);
  const { setup } = tried;
  const now = presentSetup(described, setup.placeMm);
  const setting = saddle.front.settings[setup.width] ?? saddle.front.settings[0]!;
  const width = neutralWidth(archOfSetting(saddle.front, setting, setup.shape));
  const { frame, panel } = saddle.build;
  const filling = (['front', 'middle', 'rear'] as const).flatMap((zone): Line[] => {
    const [near, off] = [setup.flock.near[zone], setup.flock.off[zone]];
    return near === 0 && off === 0 ? [] : [[`Filling, ${zone}`, `near ${signedMm(near)} mm, off ${signedMm(off)} mm`]];
  });
  const shims = (['front', 'middle', 'rear'] as const).flatMap((zone): Line[] => {
    const [near, off] = [setup.shims.near[zone], setup.shims.off[zone]];
    return near === 0 && off === 0 ? [] : [[`Shims, ${zone}`, `near ${near} mm, off ${off} mm`]];
  });
  const changed = (name: string, from: number, to: number, unit: string): Line[] =>
    from === to ? [] : [[name, `${from} ${unit} → ${to} ${unit}`]];
  return {
    make: [
      ['Front width', `${width.includedAngleDeg.toFixed(0)}° included, ${width.spanAt100Mm.toFixed(0)} mm at ${SPAN_DEPTH_MM} mm`],
      ['Maker’s label', `${saddle.maker} “${setting.label}”`],
      ['Arch and points', `${SHAPE_WORDS[shapeOf(described, setup)]}, points ${saddle.front.pointLengthMm} mm`],
      ['Tree', `${frame.lengthMm} mm long, ${setup.curveMm} mm of curve over ${CURVE_OVER_MM} mm`],
      ['Panel depth', `front ${setup.frontDepthMm}, middle ${panel.depthMidMm}, gusset ${setup.rearDepthMm} mm`],
      ['Channel', `front ${saddle.front.frontChannelMm}, middle ${panel.channelMidMm}, rear ${panel.channelRearMm} mm`],
      ['Panel', `${panel.cross}, ${panel.filling === 'none' ? 'bare bars' : panel.filling}`],
      ...filling,
    ],
    change: [
      ...(now.width === setup.width ? [] : [['Width', `“${saddle.front.settings[now.width]!.label}” → “${setting.label}”`] as Line]),
      ...(shapeOf(described, setup) === saddle.front.shape
        ? []
        : [['Arch', `${SHAPE_WORDS[saddle.front.shape]} → ${SHAPE_WORDS[shapeOf(described, setup)]}`] as Line]),
      ...changed('Tree curve', now.curveMm, setup.curveMm, 'mm'),
      ...changed('Front depth', now.frontDepthMm, setup.frontDepthMm, 'mm'),
      ...changed('Rear gusset', now.rearDepthMm, setup.rearDepthMm, 'mm'),
      ...filling,
    ],
    horse: [
      ['Front arch', `${setup.placeMm} mm behind the resting scapula`],
      ['Straps', strapsWords(setup.straps)],
      ['Pad', padWords(setup.pad)],
      ...shims,
      [
        'Tried with',
        tried.rider === null
          ? 'nobody up'
          : `${tried.rider.massKg} kg up${seatWords(tried.rider)}, ${tried.rider.gait === 'stand' ? 'at halt' : `in ${tried.rider.gait}`}`,
      ],
    ],
  };
}

/** Where the rider sat, where that wasn't over the seat's lowest point. */
const seatWords = ({ offsetMm, alongMm = 0 }: RiderLoad): string =>
  (alongMm === 0 ? '' : `, ${Math.abs(alongMm)} mm ${alongMm < 0 ? 'ahead' : 'back'}`) +
  (offsetMm === 0 ? '' : `, ${Math.abs(offsetMm)} mm to the ${offsetMm < 0 ? 'near' : 'off'}`);
