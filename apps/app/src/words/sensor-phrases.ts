import { lengthWords } from './person-unit';
/** What the screens of this part say. */
export const SENSOR_PHRASES = {
  connectAgain: 'Connect again',
  connect: 'Connect',
  disconnect: 'Disconnect',
  turnedRound: 'Turned round',
  turnItRound: 'Turn it round',
  whichDevice: 'Which device',
  whichDeviceNow: (device: string): string => `Device: ${device}`,
  standInSimulated: 'Stand-in (simulated)',
  aDevice: 'A device',
  addressOfThe: 'Address of the device',
  wsSeeThe: 'ws://… ; see the line protocol in the documents',
  howTheStand: 'How the stand-in behaves',
  notConnected: 'Not connected.',
  connecting: 'Connecting…',
  live: 'Live.',
  connectedButNothing: 'Connected, but nothing comes. Is it asleep?',
  theDeviceIs: 'The device is gone. The last reading stands below; connect again, or measure by hand.',
  jointsMmApart: (name: string, joints: number, pitchMm: number, received: number, lost: number, unreadable: number): string =>
    `${name}: ${joints} joints, ${lengthWords(pitchMm)} apart. ${received} readings, ${lost} lost, ${unreadable} unreadable.`,
  steady: 'steady',
  noisy: 'noisy',
  dropsLines: 'drops lines',
  wrongWayRound: 'wrong way round',
  dies: 'dies',
} as const;
