import { type Saddle } from '@fulcra/contract';
import { demoId } from './ids';

type Front = Saddle['front'];

const settings = (pairs: readonly (readonly [label: string, includedAngleDeg: number])[]): Front['settings'] =>
  pairs.map(([label, includedAngleDeg]) => ({ label, includedAngleDeg }));

/** Seven saddles of invented makers; a maker's label means nothing outside its own row. */
export const DEMO_SADDLES: readonly Saddle[] = [
  {
    id: demoId(101),
    name: 'Holm trekker no. 1',
    maker: 'Sallow & Tench',
    kind: 'english',
    change: 'exchangeablePlate',
    front: {
      shape: 'round',
      pointLengthMm: 170,
      frontPanelDepthMm: 30,
      frontChannelMm: 70,
      presentSetting: 2,
      settings: settings([
        ['Reed', 80],
        ['Rush', 85],
        ['Sedge', 90],
        ['Willow', 95],
        ['Alder', 100],
        ['Oak', 105],
      ]),
    },
  },
  {
    id: demoId(102),
    name: 'Holm trekker no. 2',
    maker: 'Sallow & Tench',
    kind: 'english',
    change: 'exchangeablePlate',
    front: {
      shape: 'broad',
      pointLengthMm: 165,
      frontPanelDepthMm: 34,
      frontChannelMm: 75,
      presentSetting: 1,
      settings: settings([
        ['Sedge', 90],
        ['Willow', 95],
        ['Alder', 100],
        ['Oak', 105],
        ['Elm', 110],
      ]),
    },
  },
  {
    id: demoId(103),
    name: 'Skerry distance',
    maker: 'Fathom Lorinery',
    kind: 'english',
    change: 'workshop',
    front: {
      shape: 'peaked',
      pointLengthMm: 165,
      frontPanelDepthMm: 28,
      frontChannelMm: 75,
      presentSetting: 1,
      settings: settings([
        ['II', 74],
        ['III', 79],
        ['IIII', 84],
      ]),
    },
  },
  {
    id: demoId(104),
    name: 'Long-seat working saddle no. 4',
    maker: 'Brack',
    kind: 'english',
    change: 'fixed',
    front: {
      shape: 'round',
      pointLengthMm: 175,
      frontPanelDepthMm: 32,
      frontChannelMm: 70,
      presentSetting: 0,
      settings: settings([['Broad 3', 92]]),
    },
  },
  {
    id: demoId(105),
    name: 'Pony club hack',
    maker: 'Brack',
    kind: 'english',
    change: 'workshop',
    front: {
      shape: 'round',
      pointLengthMm: 145,
      frontPanelDepthMm: 26,
      frontChannelMm: 65,
      presentSetting: 0,
      settings: settings([
        ['Broad 1', 88],
        ['Broad 2', 93],
        ['Broad 3', 98],
      ]),
    },
  },
  {
    id: demoId(106),
    name: 'Breaker',
    maker: 'Fathom Lorinery',
    kind: 'english',
    change: 'exchangeablePlate',
    front: {
      shape: 'round',
      pointLengthMm: 165,
      frontPanelDepthMm: 30,
      frontChannelMm: 70,
      presentSetting: 1,
      settings: settings([
        ['III', 79],
        ['IIII', 84],
        ['V', 89],
        ['VI', 94],
      ]),
    },
  },
  {
    id: demoId(107),
    name: 'Pack-ridge stock saddle',
    maker: 'Gannet Bar',
    kind: 'western',
    change: 'fixed',
    front: {
      shape: 'broad',
      pointLengthMm: 190,
      frontPanelDepthMm: 12,
      frontChannelMm: 90,
      presentSetting: 0,
      settings: settings([['mid bar', 94]]),
    },
  },
];
