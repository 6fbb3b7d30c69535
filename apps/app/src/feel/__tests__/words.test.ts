import { FEEL_PLACES, PASS_IDS, REACTIONS, SKIN_SIGNS, soreHold } from '@fulcra/core';
import { PLACE_WORDS, REACTION_WORDS, SIGN_WORDS, holdReasonWords, passWords } from '../../words/feel-words';
import { ALL_SPOTS, SPOTS_ON_BACK } from '../spot-places';

describe('what the hand finds, in words', () => {
  it('every place is drawn on both sides, mirrored about the spine, and named', () => {
    expect(ALL_SPOTS).toHaveLength(2 * FEEL_PLACES.length);
    for (const { spot, x, y } of SPOTS_ON_BACK) {
      expect(SPOTS_ON_BACK.some((o) => o.spot.place === spot.place && Math.abs(o.x + x - 1) < 1e-9 && o.y === y)).toBe(true);
      expect(PLACE_WORDS[spot.place]).toBeTruthy();
    }
  });

  it('each pass says its force', () => {
    expect(PASS_IDS.map(passWords)).toEqual([
      expect.stringMatching(/5 to 15 N.* On a kitchen scale 0\.5 to 1\.5 kg\.$/),
      expect.stringMatching(/40 to 50 N.* On a kitchen scale 4 to 5 kg\.$/),
      expect.stringMatching(/70 to 90 N.* On a kitchen scale 7 to 9 kg\.$/),
    ]);
  });

  it('every reason of a hold can be said', () => {
    for (const reaction of REACTIONS) expect(REACTION_WORDS[reaction]).toBeTruthy();
    const found = soreHold([{ id: 'f', spots: [], pass: 'firm', reaction: 'guard', signs: [...SKIN_SIGNS] }], []).reasons.map(
      holdReasonWords,
    );
    expect(found).toEqual(['guards under a firm hand', SIGN_WORDS.swelling, SIGN_WORDS.heat, SIGN_WORDS.openSkin]);
  });
});
