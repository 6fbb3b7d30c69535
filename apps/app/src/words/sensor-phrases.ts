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
  noAddress: 'Nobody has said yet where this practice’s sensor is.',
  isAt: (address: string): string => `At ${address}, as the practice says.`,
  underHttps:
    'This page came over https, so a browser lets it hear a sensor only by wss://, or by ws:// on this very device: a bridge that runs here and passes the sensor on. The documents say how.',
  changeAddress: 'Where the sensor is',
  theStandIn: 'the stand-in',
  howTheStand: 'How the stand-in behaves',
  link: {
    off: () => 'Not connected.',
    connecting: (at: string) => `Connecting to ${at} …`,
    live: () => 'Live.',
    silent: () => 'Connected, but nothing comes. Is it asleep?',
    notSet: () => 'Nobody has said where the sensor is: give its address under Practice, or measure by hand.',
    needsSecure: (at: string) =>
      `${at} can’t be heard from a page under https: a browser opens only wss:// there, or ws:// on this very device. Use a bridge on this device, or measure by hand.`,
    noWorker: () => 'What listens to the sensor isn’t on this device yet: open this page once with signal. Until then measure by hand.',
    noAnswer: (at: string, seconds: number) =>
      `Nothing came back from ${at} in ${seconds} seconds. Is it on, and on the same Wi-Fi as this device? Try again, or measure by hand.`,
    refused: (at: string) =>
      `${at} would not be connected to: nothing listens there, or another device holds it. If the address was changed just now, reload this page.`,
    gone: () => 'The device is gone. The last reading stands below; connect again, or measure by hand.',
  } satisfies Record<string, (at: string, seconds: number) => string>,
  jointsMmApart: (name: string, joints: number, pitchMm: number, received: number, lost: number, unreadable: number): string =>
    `${name}: ${joints} joints, ${lengthWords(pitchMm)} apart. ${received} readings, ${lost} lost, ${unreadable} unreadable.`,
  steady: 'steady',
  noisy: 'noisy',
  dropsLines: 'drops lines',
  wrongWayRound: 'wrong way round',
  dies: 'dies',
} as const;
