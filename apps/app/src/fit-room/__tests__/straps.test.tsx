import { screen } from '@testing-library/react-native';
import { QUICK, ReadyBody, type SaddleSetup, type SitPicture, backSurface, describedOf, presentSetup, schoolById } from '@fulcra/core';
import { DEMO_ANIMALS, DEMO_SADDLES, trueBodyInput } from '@fulcra/demo';
import { PLAIN } from '../../drawings/horse/form';
import { ANATOMY } from '../../drawings/horse/outline';
import { rendered } from '../../ui/__tests__/rendered';
import { roomFrame } from '../model/room-frame';
import { onTree, treeOf } from '../views/side-plane';
import { heldAt, laidHorse, placeOnBack, strapsOf } from '../views/straps-on-horse';
import { StrapsView } from '../views/straps-view';
import { PLAIN_RIDER } from '..';

const input = trueBodyInput(DEMO_ANIMALS.find((a) => a.horse.name === 'Corrie')!.back);
const horse = new ReadyBody(input);
const saddle = describedOf(DEMO_SADDLES.find((s) => s.name === 'Breaker')!);
function sat(straps: SaddleSetup['straps']): SitPicture {
  const setup = { ...presentSetup(saddle, 55), straps };
  const outcome = QUICK.sit(horse, {
    saddle,
    setup,
    rider: PLAIN_RIDER,
    pose: 'resting',
    strapPullN: 60,
    school: schoolById('static-close'),
  });
  if (!outcome.ok) throw new Error('no picture');
  return outcome.value;
}
const GROOVE_MM = input.landmarks.places.girthGroove!;
const RIB_MM = GROOVE_MM + 480;
const landmarks = { ...input.landmarks, lastRib: { ...input.landmarks.lastRib, atMm: RIB_MM } };
const drawn = { form: PLAIN, heightMm: 1500, landmarks };
const LOW = { x: 260, z: -80 };

describe('the drawn horse laid on the measured back', () => {
  it('has its groove and last rib where the landmarks say, its low point at the back’s, and is as tall as the horse', () => {
    const laid = laidHorse(drawn, LOW);
    expect(placeOnBack('girthGroove', drawn, laid).x).toBeCloseTo(GROOVE_MM, 6);
    expect(placeOnBack('lastRib', drawn, laid).x).toBeCloseTo(RIB_MM, 6);
    expect(placeOnBack('lowPoint', drawn, laid).z).toBeCloseTo(LOW.z, 6);
    expect(placeOnBack('withers', drawn, laid).z - placeOnBack('hock', drawn, laid).z).toBeCloseTo(
      15 * (ANATOMY.withers[1] - ANATOMY.hock[1]),
      6,
    );
  });

  it.each([
    ['no groove', { places: {} }, 'lastRib', RIB_MM],
    ['no rib', { lastRib: { ...landmarks.lastRib, atMm: null } }, 'girthGroove', GROOVE_MM],
    ['neither', { places: {}, lastRib: { ...landmarks.lastRib, atMm: null } }, 'lowPoint', LOW.x],
  ] as const)('with %s it keeps its own length and stands by what is known', (_, without, place, wantedMm) => {
    const some = { ...drawn, landmarks: { ...landmarks, ...without } };
    const laid = laidHorse(some, LOW);
    expect(laid.alongMm).toBe(15);
    expect(placeOnBack(place, some, laid).x).toBeCloseTo(wantedMm, 6);
  });

  it.each([
    [0.59, 0.6],
    [0.61, 0.61],
    [1.39, 1.39],
    [1.41, 1.4],
  ])('is drawn out to %d of its own length as %d', (share, wanted) => {
    const apart = ANATOMY.lastRib[0] - ANATOMY.girthGroove[0];
    const some = {
      ...input.landmarks,
      places: { girthGroove: 100 },
      lastRib: { ...input.landmarks.lastRib, atMm: 100 + share * 15 * apart },
    };
    expect(laidHorse({ ...drawn, landmarks: some }, LOW).alongMm).toBeCloseTo(15 * wanted, 6);
  });
});

describe('straps on the horse', () => {
  const { girthBuckle, strapV } = schoolById('static-close').engine;

  it('a plain strap has one end, a V two and a ring between them where its pull begins; each goes to its own buckle', () => {
    const picture = sat(['first', 'rear']);
    const tree = treeOf(picture);
    const [first, rear] = strapsOf(picture, tree);
    expect(first!.pull.strap.id).toBe('first');
    expect(first!.ends).toHaveLength(1);
    expect(heldAt(first!)).toBe(first!.ends[0]);
    const [front, behind] = rear!.ends;
    expect(behind!.x - front!.x).toBeCloseTo(strapV.spreadMm, 6);
    expect(rear!.ring!.x).toBeGreaterThanOrEqual(front!.x);
    expect(rear!.ring!.x).toBeLessThanOrEqual(behind!.x);
    expect(rear!.ring!.z).toBeLessThan(front!.z);
    expect(heldAt(rear!)).toBe(rear!.ring);
    const crown = onTree(tree, picture.asked.setup.placeMm + first!.pull.strap.xMm);
    expect(crown - first!.buckle.z).toBeCloseTo(girthBuckle.belowMm, 6);
    expect(rear!.buckle.x - first!.buckle.x).toBeCloseTo(girthBuckle.apartMm, 6);
  });

  it('leans as the number says: its foot lies ahead of where it is held where it pulls toward the head', () => {
    for (const strap of strapsOf(sat(['first', 'rear']), treeOf(sat(['first', 'rear'])))) {
      const ahead = heldAt(strap).x - strap.buckle.x;
      const deg = (Math.atan2(ahead, heldAt(strap).z - strap.buckle.z) * 180) / Math.PI;
      expect(deg).toBeCloseTo(strap.pull.leanDeg, 0);
      expect(Math.sign(ahead)).toBe(-Math.sign(strap.pull.alongN));
    }
  });

  it('is drawn with every strap’s lean and pull in words, and says where none is buckled', () => {
    const surface = backSurface({ stations: input.stations, topline: input.topline });
    if (!surface.ok) throw new Error('no surface');
    const frame = roomFrame(surface.value, input.landmarks);
    const shown = (picture: SitPicture) => ({
      widthPx: 390,
      heightPx: 270,
      frame,
      surface: surface.value,
      picture,
      horse: drawn,
      landmarks: input.landmarks,
    });
    const picture = sat(['first', 'rear']);
    rendered(<StrapsView {...shown(picture)} />);
    const said =
      screen.getByLabelText(/each strap to its buckle/).props.accessibilityLabel ??
      screen.getByLabelText(/each strap to its buckle/).props['aria-label'];
    for (const { leanDeg, alongN } of picture.pulls) {
      expect(said).toContain(`${Math.abs(leanDeg).toFixed(0)}° ${leanDeg > 0 ? 'forward' : 'back'}`);
      expect(said).toContain(`${Math.abs(alongN).toFixed(0)} N toward the ${alongN < 0 ? 'head' : 'tail'}`);
    }
    rendered(<StrapsView {...shown(sat([]))} />);
    expect(screen.getByLabelText(/no strap is buckled/)).toBeTruthy();
  });
});
