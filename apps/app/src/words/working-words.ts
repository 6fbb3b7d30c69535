import { type CriterionId, type EngineSettings, type SitPicture, CURVE_OVER_MM, PEAK_OVER_MM2 } from '@fulcra/core';
import { lengthWords } from './person-unit';

const mm = (value: number | null): string => (value === null ? 'not measured' : lengthWords(value.toFixed(1)));
const pct = (share: number): string => `${(100 * share).toFixed(1)} %`;

/** What went into a picture, with what is read off it more than once. */
interface Figures extends SitPicture {
  readonly picture: SitPicture;
  readonly frame: SitPicture['asked']['saddle']['build']['frame'];
  readonly panel: SitPicture['asked']['saddle']['build']['panel'];
  readonly engine: EngineSettings;
  /** Two lines that several numbers share. */
  readonly loaded: string;
  readonly layers: string;
}

function figuresOf(picture: SitPicture): Figures {
  const { asked } = picture;
  const { frame, panel } = asked.saddle.build;
  const { engine } = asked.school;
  return { ...picture, picture, frame, panel, engine, loaded: loadedLine(picture), layers: layersLine(picture, engine) };
}

function loadedLine({ loads, measures, residual }: SitPicture): string {
  const load = loads.reduce((s, l) => s - l.forceZ, 0);
  const left = Math.max(...Object.values(residual).map(Math.abs)).toExponential(0);
  return `Load: ${load.toFixed(0)} N over ${loads.length} places; carried ${measures.carriedN.toFixed(0)} N; balance left ${left}.`;
}

function layersLine({ asked }: SitPicture, { stiffnessKPaPerMm: kPaPerMm, hardeningMm }: EngineSettings): string {
  const { filling } = asked.saddle.build.panel;
  const panel = filling === 'none' ? '' : `, ${filling} ${kPaPerMm[filling]}`;
  const felt = asked.setup.pad.kind === 'felt' ? `, felt ${kPaPerMm.feltPad}` : '';
  return `Springs: tissue ${kPaPerMm.tissue}${panel}${felt} kPa/mm in series, twice as stiff after ${lengthWords(hardeningMm)} (defaults).`;
}

type Lines = (figures: Figures) => string[];
const pointBehindScapulaLines: Lines = ({ places, asked, frame }) => [
  `Points at ${mm(places.treePointMm)}, panel begins at ${mm(places.panelFrontMm)}.`,
  `Arch at ${lengthWords(asked.setup.placeMm)}, points lean ${frame.pointRakeDeg}°.`,
  `Behind the drawn-forward edge: points ${mm(places.pointBehindForwardMm)}.`,
];
const channelWidthLines: Lines = ({ places }) => [
  `Narrowest ${mm(places.channelMm)} at ${mm(places.channelAtMm)}.`,
  `Room beside spine and ligament: ${mm(places.channelSpareMm)}.`,
];
const treeBeforeRibLines: Lines = ({ places }) => [
  `Tree ends at ${mm(places.treeEndMm)}, panel at ${mm(places.panelEndMm)}.`,
  `Before the last rib: tree ${mm(places.treeBeforeRibMm)}, panel ${mm(places.panelBeforeRibMm)}.`,
];

/** What strides and pushes find stands with them, gait by gait. */
const riddenLines: Lines = () => ['The figures stand under In motion, gait by gait; play the stride to see where and when.'];
const publishedLine = ({ published: { meanKPa, peakKPa } }: EngineSettings): string =>
  `Published levels of the ridden horse, beside it: mean ${meanKPa}, peak ${peakKPa} kPa. Until calibrated on readings, pressures are relative.`;
const signedMm = (value: number): string => `${value < 0 ? '−' : '+'}${lengthWords(Math.abs(value).toFixed(1))}`;

const WORKING: Readonly<Record<CriterionId, Lines>> = {
  sits: ({ pose, loaded, layers, picture }) => [
    loaded,
    `Came to rest after ${picture.rounds} rounds: heave ${mm(pose.heaveMm)}, pitch ${pose.pitchDeg.toFixed(2)}°, roll ${pose.rollDeg.toFixed(2)}°.`,
    layers,
  ],
  withersOver: ({ withers, asked, laid }) => [
    `Least at ${mm(withers.overAtMm)} behind the scapula: ${mm(withers.overMm)}.`,
    `Unloaded, on the front section alone: ${mm(laid?.crownZMm ?? null)}.`,
    `Pad over the withers taken off: ${lengthWords(asked.setup.pad.thicknessMm)}.`,
  ],
  withersBeside: ({ withers }) => [`Near ${mm(withers.besideMm.near)}, off ${mm(withers.besideMm.off)}.`],
  pointBehindScapula: pointBehindScapulaLines,
  panelBehindScapula: pointBehindScapulaLines,
  barBehindForward: ({ places, asked, frame }) => [
    `Bar at ${mm(places.barMm)}: arch at ${lengthWords(asked.setup.placeMm)} and ${lengthWords(frame.barMm)} behind it.`,
  ],
  channelWidth: channelWidthLines,
  ligamentClear: channelWidthLines,
  treeBeforeRib: treeBeforeRibLines,
  panelBeforeRib: treeBeforeRibLines,
  frontEven: ({ laid }) =>
    laid === null
      ? ['The front section was not taken, or the arch finds no rest on it.']
      : [
          `Near: top ${mm(laid.near.topMm)}, tip ${mm(laid.near.tipMm)}.`,
          `Off: top ${mm(laid.off.topMm)}, tip ${mm(laid.off.tipMm)}.`,
          `Panel ${lengthWords(laid.padding.panelDepthMm)} and pad ${lengthWords(laid.padding.padMm)} between.`,
        ],
  middleShare: ({ measures, shape, stiffness }) => [
    `Front ${pct(measures.thirds[0])}, middle ${pct(measures.thirds[1])}, rear ${pct(measures.thirds[2])}.`,
    `Mean over all of each third: ${shape.thirdsKPa.map((p) => p.toFixed(1)).join(', ')} kPa.`,
    `It takes ${stiffness.pitchNmPerDeg.toFixed(1)} Nm to tip it by a degree.`,
  ],
  bridgeGap: ({ shape, asked }) => [
    `Middle ${mm(shape.bridgeGapMm)}${shape.bridgeAtMm === null ? '' : ` at ${mm(shape.bridgeAtMm)}`}; front ${mm(shape.frontGapMm)}, rear ${mm(shape.rearGapMm)}.`,
    `Tree curve ${lengthWords(asked.setup.curveMm)} over ${lengthWords(CURVE_OVER_MM)}.`,
  ],
  seatLevel: ({ pose, asked, frame }) => [
    `Pitch ${pose.pitchDeg.toFixed(2)}°, which is ${lengthWords((Math.tan((pose.pitchDeg * Math.PI) / 180) * frame.lengthMm).toFixed(1))} over the tree’s ${lengthWords(frame.lengthMm)}.`,
    `Front depth ${lengthWords(asked.setup.frontDepthMm)}, gusset ${lengthWords(asked.setup.rearDepthMm)}.`,
  ],
  roll: ({ measures, pose }) => [
    `Roll ${pose.rollDeg.toFixed(2)}°, yaw ${pose.yawDeg.toFixed(2)}°.`,
    `Near carries ${pct(measures.near)}.`,
  ],
  nearShare: ({ measures, picture }) => [`Near ${pct(measures.near)}, off ${pct(measures.off)}.`, centre(picture)],
  edgeShare: ({ shape, panel }) => [
    `Outer quarter: near ${pct(shape.outerShare.near)}, off ${pct(shape.outerShare.off)}.`,
    `Inner quarter: near ${pct(shape.innerShare.near)}, off ${pct(shape.innerShare.off)}.`,
    `Panel: ${panel.cross}.`,
  ],
  loadOnMuscle: ({ onMuscle }) => [
    onMuscle === null
      ? 'The muscle’s edges weren’t felt.'
      : `${Math.round(100 * onMuscle)} % on the muscle, ${Math.round(100 * (1 - onMuscle))} % past its edges.`,
  ],
  seatOverLow: ({ places }) => [`Seat’s lowest point at ${mm(places.seatLowMm)}; ${mm(places.seatBehindLowMm)} behind the back’s.`],
  loadOnArea: ({ exact, measures, loaded, layers, engine }) => [
    loaded,
    `Exact fit: ${exact.meanKPa.toFixed(1)} kPa over ${exact.areaCm2.toFixed(0)} cm²; this one touches with ${measures.areaCm2.toFixed(0)} of ${measures.footprintCm2.toFixed(0)} cm² along the skin and reads ${measures.meanKPa.toFixed(1)}.`,
    publishedLine(engine),
    layers,
  ],
  peakRatio: ({ measures, exact, layers, engine }) => [
    `${measures.peakKPa.toFixed(1)} kPa over ${PEAK_OVER_MM2 / 100} cm², an exact fit ${exact.peakKPa.toFixed(1)}; 95 of 100 cells lie under ${measures.p95KPa.toFixed(1)} kPa.`,
    publishedLine(engine),
    layers,
  ],
  driftAlong: ({ drift, engine, pulls, travelled }) => [
    `Since it was laid down it went ${signedMm(travelled.alongMm)} along (− toward the head).`,
    `Slope of the back ${drift.slopeAlongN.toFixed(0)} N, straps ${drift.strapsAlongN.toFixed(0)} N (− toward the head).`,
    `Friction can hold ${drift.holdsN.toFixed(0)} N (${engine.friction}, default).`,
    ...pulls.map((p) => `${p.strap.id} strap: ${p.leanDeg.toFixed(0)}° from plumb, ${p.alongN.toFixed(0)} N along.`),
  ],
  driftAcross: ({ drift, travelled }) => [
    `${drift.acrossN.toFixed(0)} N across (− toward the near side).`,
    `Since it was laid down it went ${signedMm(travelled.acrossMm)} across.`,
  ],
  strapLean: ({ pulls }) =>
    pulls.length === 0
      ? ['No strap is buckled.']
      : pulls.map(
          (p) =>
            `${p.strap.id} strap at ${mm(p.xMm)}: leans ${p.leanDeg.toFixed(1)}°, ${p.downN.toFixed(0)} N down, ${p.alongN.toFixed(0)} N along.`,
        ),
  pointStrapUsed: ({ asked }) => [`Girthed to: ${asked.setup.straps.join(' and ')}.`],
  padThickness: ({ asked }) => [`${asked.setup.pad.kind}, ${lengthWords(asked.setup.pad.thicknessMm)}.`],
  rollShape: riddenLines,
  rollPush: riddenLines,
  rollLetsGo: riddenLines,
  yawPush: riddenLines,
  creepWalk: riddenLines,
  creepTrot: riddenLines,
  creepCanter: riddenLines,
  peakRatioRidden: riddenLines,
  withersRidden: riddenLines,
};

/** The figures behind a number, as they went into it. */
export const workingLines = (id: CriterionId, picture: SitPicture): string[] => WORKING[id](figuresOf(picture));

const centre = ({ measures: { centreMm } }: SitPicture): string =>
  centreMm === null
    ? 'Nothing touches.'
    : `Centre of pressure at ${lengthWords(centreMm.x.toFixed(0))}, ${lengthWords(Math.abs(centreMm.y).toFixed(0))} to the ${centreMm.y < 0 ? 'near' : 'off'}.`;
