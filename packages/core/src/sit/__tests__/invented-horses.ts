import { type Section, sectionFromPoints } from '../../back';
import { resolveLandmarks } from '../../back/landmarks-resolved';
import { type Lengthwise, lengthwiseFromPoints } from '../../back/lengthwise';
import { type Random } from '../../random';
import { type EngineSettings, ENGINE_DEFAULTS } from '../../schools';
import { type Pose } from '../contact';
import { type SitQuestion, sit, sitBench } from '../sit';
import { type BodyInput, type HorseBody, bodyFrom } from '../body';
import { DEFAULT_BUILD, type DescribedSaddle, type SaddleBuild, fixedAt } from '../../saddle';

/** A sitting under the engine's defaults. */
export const sitOn = (question: SitQuestion, warm: Pose | null = null, engine: EngineSettings = ENGINE_DEFAULTS) =>
  sit(question, sitBench(question.body, question.pose, engine), warm);

const SPREAD = { near: { sideAngleDeg: 1, halfWidthMm: 1.5 }, off: { sideAngleDeg: 1, halfWidthMm: 1.5 }, assumed: true } as const;

/** Both flanks as straight slopes out of a round top; angles from the vertical, degrees. */
export function wedgeSection(nearDeg: number, offDeg: number, apexMm: number, depthMm = 330): Section {
  const side = (deg: number, sign: 1 | -1) => {
    const slope = 1 / Math.tan((deg * Math.PI) / 180);
    return Array.from({ length: 60 }, (_, i) => {
      const out = (i + 1) * 5;
      return { yMm: sign * out, zMm: -slope * (Math.hypot(out, apexMm) - apexMm) };
    }).filter((p) => p.zMm > -depthMm);
  };
  const outcome = sectionFromPoints([...side(nearDeg, -1).reverse(), { yMm: 0, zMm: 0 }, ...side(offDeg, 1)]);
  if (!outcome.ok) throw new Error(`no section: ${JSON.stringify(outcome.problems)}`);
  return outcome.value.section;
}

export interface HorseNumbers {
  readonly nearDeg: number;
  readonly offDeg: number;
  readonly opensDeg: number;
  readonly apexMm: number;
  readonly dipMm: number;
  readonly slope: number;
  readonly lastRibMm: number;
  readonly grooveMm: number;
}
export const PLAIN_HORSE: HorseNumbers = {
  nearDeg: 45,
  offDeg: 45,
  opensDeg: 8,
  apexMm: 40,
  dipMm: 12,
  slope: 0,
  lastRibMm: 420,
  grooveMm: 130,
};

function topline({ dipMm, slope, lastRibMm }: HorseNumbers): Lengthwise {
  const middle = (50 + lastRibMm) / 2;
  const half = (lastRibMm - 50) / 2;
  const points = Array.from({ length: 37 }, (_, i) => {
    const xMm = -60 + i * 20;
    const s = (xMm - middle) / half;
    return { xMm, zMm: -dipMm * Math.max(0, 1 - s * s) + slope * xMm };
  });
  const outcome = lengthwiseFromPoints(points);
  if (!outcome.ok) throw new Error('no topline');
  return outcome.value;
}

export function inputOf(n: HorseNumbers): BodyInput {
  const at = { front: 50, base: 100, low: (50 + n.lastRibMm) / 2, lastRib: n.lastRibMm };
  const stations = (['front', 'base', 'low', 'lastRib'] as const).map((station) => {
    const opens = (n.opensDeg * (at[station] - 50)) / (n.lastRibMm - 50);
    return { station, xMm: at[station], section: wedgeSection(n.nearDeg + opens, n.offDeg + opens, n.apexMm), spread: SPREAD };
  });
  const reading = (landmark: 'scapulaRest' | 'scapulaForward' | 'lastRib' | 'girthGroove', atMm: number, side: 'near' | 'off' | null) => ({
    landmark,
    atMm,
    side,
    way: landmark === 'lastRib' ? ('alongTheRib' as const) : null,
    station: null,
    pose: null,
  });
  const landmarks = resolveLandmarks([
    reading('scapulaRest', 0, 'near'),
    reading('scapulaRest', 0, 'off'),
    reading('scapulaForward', 45, 'near'),
    reading('scapulaForward', 45, 'off'),
    reading('lastRib', n.lastRibMm, null),
    reading('girthGroove', n.grooveMm, null),
  ]);
  return { stations, topline: topline(n), landmarks, liftMm: null };
}

export function horse(numbers: Partial<HorseNumbers> = {}): HorseBody {
  const body = bodyFrom(inputOf({ ...PLAIN_HORSE, ...numbers }));
  if (!body.ok) throw new Error(JSON.stringify(body.problems));
  return body.value;
}

/** A plain saddle for a back of this included angle. */
export function saddleFor(
  includedAngleDeg: number,
  frame: Partial<SaddleBuild['frame']> = {},
  panel: Partial<SaddleBuild['panel']> = {},
): DescribedSaddle {
  return {
    id: 'plain',
    kind: 'english',
    front: {
      shape: 'round',
      pointLengthMm: 170,
      frontPanelDepthMm: 30,
      frontChannelMm: 70,
      presentSetting: 1,
      settings: [-5, 0, 5, 10].map((by) => ({ label: `${by}`, includedAngleDeg: includedAngleDeg + by })),
    },
    build: {
      ...DEFAULT_BUILD,
      frame: {
        ...DEFAULT_BUILD.frame,
        headRiseMm: 0,
        curveMm: fixedAt(12),
        midAngleDeg: includedAngleDeg + 8,
        rearAngleDeg: includedAngleDeg + 14,
        ...frame,
      },
      panel: { ...DEFAULT_BUILD.panel, ...panel },
    },
  };
}

/** Any horse at all, from a pony's to a draught's, sound or not. */
export function anyHorse(random: Random): HorseNumbers {
  const between = (a: number, b: number): number => a + (b - a) * random();
  const nearDeg = between(31, 57);
  return {
    nearDeg,
    offDeg: nearDeg + between(-4, 4),
    opensDeg: between(-6, 13),
    apexMm: between(12, 90),
    dipMm: between(-15, 55),
    slope: between(-0.15, 0.15),
    lastRibMm: between(300, 560),
    grooveMm: between(40, 220),
  };
}

export function anySaddle(random: Random): DescribedSaddle {
  const between = (a: number, b: number): number => a + (b - a) * random();
  const lengthMm = between(220, 480);
  return saddleFor(
    between(60, 125),
    {
      lengthMm,
      curveMm: fixedAt(between(-5, 45)),
      headRiseMm: between(0, 50),
      seatLowMm: lengthMm * between(0.4, 0.65),
      massAtMm: lengthMm / 2,
    },
    {
      cross: (['flat', 'hollow', 'rounded'] as const)[Math.floor(random() * 3)]!,
      channelMidMm: between(40, 110),
      depthRearMm: fixedAt(between(15, 70)),
      depthFrontMm: fixedAt(30),
      filling: (['wool', 'foam', 'air', 'none'] as const)[Math.floor(random() * 4)]!,
    },
  );
}
