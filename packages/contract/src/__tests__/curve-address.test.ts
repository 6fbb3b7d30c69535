import { curveOrigin, isCurveAddress, reachableFrom } from '../curve-address';
import { PRACTICE_DEFAULTS, practiceSettingsFieldsSchema } from '../practice-settings';

describe('the address of a curve sensor', () => {
  it.each([
    ['ws://192.168.4.1:8080', 'ws://192.168.4.1:8080'],
    ['wss://sensor.barn.example/line', 'wss://sensor.barn.example'],
    ['WS://LocalHost:81/a/b', 'ws://localhost:81'],
    ['ws://[::1]:8081', 'ws://[::1]:8081'],
  ])('%s is opened as %s', (address, origin) => {
    expect(isCurveAddress(address)).toBe(true);
    expect(curveOrigin(address)).toBe(origin);
  });

  // whatever would say more in a header than one address
  it.each([
    ...[
      '',
      'ws://',
      'http://a',
      'ws://a b',
      'ws://a;script-src *',
      'ws://*',
      'ws://*.example',
      "ws://'self'",
      'ws://a\nx: y',
      'ws://u:p@a',
      'ws://a:123456',
    ],
    ...['ws://-a', 'ws://a,b', 'wss://a?x=1', ' ws://a'],
  ])('%j is none', (address) => {
    expect(isCurveAddress(address)).toBe(false);
    expect(curveOrigin(address)).toBeNull();
    if (address !== '') expect(practiceSettingsFieldsSchema.safeParse({ ...PRACTICE_DEFAULTS, curveAddress: address }).success).toBe(false);
  });

  it('from a page under https only wss is opened, and ws on the device itself', () => {
    expect(
      ['ws://10.0.0.2', 'wss://10.0.0.2', 'ws://127.0.0.1:8081', 'ws://localhost', 'ws://[::1]:1'].map((a) => reachableFrom(true, a)),
    ).toEqual([false, true, true, true, true]);
    // a name that only begins like this device
    expect(reachableFrom(true, 'ws://localhost.evil.example')).toBe(false);
    expect(reachableFrom(false, 'ws://10.0.0.2')).toBe(true);
    expect(reachableFrom(false, 'nonsense')).toBe(false);
  });
});
