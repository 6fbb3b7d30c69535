import { type CriterionId, type SitPicture, CURVE_OVER_MM, PEAK_OVER_MM2, schoolById } from '@fulcra/core';

const mm = (value: number | null): string => (value === null ? 'not measured' : `${value.toFixed(1)} mm`);
const pct = (share: number): string => `${(100 * share).toFixed(1)} %`;

/** The figures behind a number, as they went into it. */
export function workingLines(id: CriterionId, picture: SitPicture): string[] {
  const { places, measures, shape, drift, pose, pulls, withers, stiffness, asked, laid, loads } = picture;
  const { frame, panel } = asked.saddle.build;
  const { engine } = schoolById(asked.schoolId);
  const layerKPaPerMm = engine.stiffnessKPaPerMm;
  const load = loads.reduce((s, l) => s + l.downN, 0);
  const layers = `Springs: tissue ${layerKPaPerMm.tissue}${panel.filling === 'none' ? '' : `, ${panel.filling} ${layerKPaPerMm[panel.filling]}`}${asked.setup.pad.kind === 'felt' ? `, felt ${layerKPaPerMm.feltPad}` : ''} kPa/mm in series, twice as stiff after ${engine.hardeningMm} mm (defaults).`;
  const loaded = `Load: ${load.toFixed(0)} N over ${loads.length} places; carried ${measures.carriedN.toFixed(0)} N; balance left ${Math.max(...Object.values(picture.residual).map(Math.abs)).toExponential(0)}.`;
  switch (id) {
    case 'sits':
      return [
        loaded,
        `Came to rest after ${picture.rounds} rounds: heave ${mm(pose.heaveMm)}, pitch ${pose.pitchDeg.toFixed(2)}°, roll ${pose.rollDeg.toFixed(2)}°.`,
        layers,
      ];
    case 'withersOver':
      return [
        `Least at ${mm(withers.overAtMm)} behind the scapula: ${mm(withers.overMm)}.`,
        `Unloaded, on the front section alone: ${mm(laid?.crownZMm ?? null)}.`,
        `Pad over the withers taken off: ${asked.setup.pad.thicknessMm} mm.`,
      ];
    case 'withersBeside':
      return [`Near ${mm(withers.besideMm.near)}, off ${mm(withers.besideMm.off)}.`];
    case 'pointBehindScapula':
    case 'panelBehindScapula':
      return [
        `Points at ${mm(places.treePointMm)}, panel begins at ${mm(places.panelFrontMm)}.`,
        `Arch at ${asked.setup.placeMm} mm, points lean ${frame.pointRakeDeg}°.`,
        `Behind the drawn-forward edge: points ${mm(places.pointBehindForwardMm)}.`,
      ];
    case 'barBehindForward':
      return [`Bar at ${mm(places.barMm)}: arch at ${asked.setup.placeMm} mm and ${frame.barMm} mm behind it.`];
    case 'channelWidth':
    case 'ligamentClear':
      return [
        `Narrowest ${mm(places.channelMm)} at ${mm(places.channelAtMm)}.`,
        `Room beside spine and ligament: ${mm(places.channelSpareMm)}.`,
      ];
    case 'treeBeforeRib':
    case 'panelBeforeRib':
      return [
        `Tree ends at ${mm(places.treeEndMm)}, panel at ${mm(places.panelEndMm)}.`,
        `Before the last rib: tree ${mm(places.treeBeforeRibMm)}, panel ${mm(places.panelBeforeRibMm)}.`,
      ];
    case 'frontEven':
      return laid === null
        ? ['The front section was not taken, or the arch finds no rest on it.']
        : [
            `Near: top ${mm(laid.near.topMm)}, tip ${mm(laid.near.tipMm)}.`,
            `Off: top ${mm(laid.off.topMm)}, tip ${mm(laid.off.tipMm)}.`,
            `Panel ${laid.padding.panelDepthMm} mm and pad ${laid.padding.padMm} mm between.`,
          ];
    case 'middleShare':
      return [
        `Front ${pct(measures.thirds[0])}, middle ${pct(measures.thirds[1])}, rear ${pct(measures.thirds[2])}.`,
        `Mean over all of each third: ${shape.thirdsKPa.map((p) => p.toFixed(1)).join(', ')} kPa.`,
        `It takes ${stiffness.pitchNmPerDeg.toFixed(1)} Nm to tip it by a degree.`,
      ];
    case 'bridgeGap':
      return [
        `Middle ${mm(shape.bridgeGapMm)}${shape.bridgeAtMm === null ? '' : ` at ${mm(shape.bridgeAtMm)}`}; front ${mm(shape.frontGapMm)}, rear ${mm(shape.rearGapMm)}.`,
        `Tree curve ${asked.setup.curveMm} mm over ${CURVE_OVER_MM} mm.`,
      ];
    case 'seatLevel':
      return [
        `Pitch ${pose.pitchDeg.toFixed(2)}°, which is ${(Math.tan((pose.pitchDeg * Math.PI) / 180) * frame.lengthMm).toFixed(1)} mm over the tree’s ${frame.lengthMm} mm.`,
        `Front depth ${asked.setup.frontDepthMm} mm, gusset ${asked.setup.rearDepthMm} mm.`,
      ];
    case 'roll':
      return [
        `Roll ${pose.rollDeg.toFixed(2)}°; it takes ${stiffness.rollNmPerDeg.toFixed(1)} Nm to roll it by a degree.`,
        `Near carries ${pct(measures.near)}.`,
      ];
    case 'nearShare':
      return [`Near ${pct(measures.near)}, off ${pct(measures.off)}.`, centre(picture)];
    case 'edgeShare':
      return [
        `Outer quarter: near ${pct(shape.outerShare.near)}, off ${pct(shape.outerShare.off)}.`,
        `Inner quarter: near ${pct(shape.innerShare.near)}, off ${pct(shape.innerShare.off)}.`,
        `Panel: ${panel.cross}.`,
      ];
    case 'insideMuscle':
      return [`Least of all places: ${mm(places.insideMuscleMm)}; − lies past the muscle’s edge.`];
    case 'seatOverLow':
      return [`Seat’s lowest point at ${mm(places.seatLowMm)}; ${mm(places.seatBehindLowMm)} behind the back’s.`];
    case 'meanPressure':
      return [
        loaded,
        `Over ${measures.areaCm2.toFixed(0)} cm² that touch: ${measures.meanKPa.toFixed(1)} kPa; nine cells in ten and a half lie under ${measures.p95KPa.toFixed(1)} kPa.`,
        layers,
      ];
    case 'peakPressure':
      return [
        `${measures.peakKPa.toFixed(1)} kPa over ${PEAK_OVER_MM2 / 100} cm²; 95 of 100 cells lie under ${measures.p95KPa.toFixed(1)} kPa.`,
        layers,
      ];
    case 'driftAlong':
      return [
        `Slope of the back ${drift.slopeAlongN.toFixed(0)} N, straps ${drift.strapsAlongN.toFixed(0)} N (− toward the head).`,
        `Friction holds ${drift.holdsN.toFixed(0)} N (${engine.friction}, default).`,
        ...pulls.map((p) => `${p.strap.id} strap: ${p.leanDeg.toFixed(0)}° from plumb, ${p.alongN.toFixed(0)} N along.`),
      ];
    case 'driftAcross':
      return [`${drift.acrossN.toFixed(0)} N across (− toward the near side); friction holds ${drift.holdsN.toFixed(0)} N.`];
    case 'strapLean':
      return pulls.length === 0
        ? ['No strap is buckled.']
        : pulls.map(
            (p) =>
              `${p.strap.id} strap at ${mm(p.xMm)}: leans ${p.leanDeg.toFixed(1)}°, ${p.downN.toFixed(0)} N down, ${p.alongN.toFixed(0)} N along.`,
          );
    case 'pointStrapUsed':
      return [`Girthed to: ${asked.setup.straps.join(' and ')}.`];
    case 'padThickness':
      return [`${asked.setup.pad.kind}, ${asked.setup.pad.thicknessMm} mm.`];
  }
}

const centre = ({ measures: { centreMm } }: SitPicture): string =>
  centreMm === null
    ? 'Nothing touches.'
    : `Centre of pressure at ${centreMm.x.toFixed(0)} mm, ${Math.abs(centreMm.y).toFixed(0)} mm to the ${centreMm.y < 0 ? 'near' : 'off'}.`;
