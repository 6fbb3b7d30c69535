import { addressOf } from '../../src/platform/auth/sign-in-limits';

it.each([
  ['10.0.0.1', '10.0.0.1'],
  ['::ffff:10.0.0.1', '10.0.0.1'],
  ['2001:db8:1:2:3:4:5:6', '2001:db8:1:2::/64'],
  ['2001:db8:1:2:ffff::1', '2001:db8:1:2::/64'],
  ['2001:0db8:1:3::1', '2001:db8:1:3::/64'],
  ['::1', '0:0:0:0::/64'],
  ['fe80::1%eth0', 'fe80:0:0:0::/64'],
])('%s counts as %s', (ip, counted) => expect(addressOf(ip)).toBe(counted));
