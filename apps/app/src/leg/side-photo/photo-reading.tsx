import { type MarkedPhoto, PHOTO_ERROR, readSidePhoto } from '@fulcra/core';
import { XStack, YStack } from 'tamagui';
import { Banner } from '../../ui/banner';
import { Body, Small, Strong } from '../../ui/text';
import { degWords } from '../../words/measure-words';
import { problemWords } from '../../words/problem-words';
import { POINT_WORDS, SIDE_PHOTO_PHRASES } from '../../words/side-photo-phrases';
import { type Unready } from './photo-marks';

/** Offsets from the hip's plumb and angles, as far as they are marked. */
export function PhotoReading({ marked }: { readonly marked: MarkedPhoto | Unready }) {
  if (typeof marked === 'string') return <Small>{SIDE_PHOTO_PHRASES[marked]}</Small>;
  const read = readSidePhoto(marked);
  if (!read.ok) return read.problems.map((p) => <Small key={p.code}>{problemWords(p)}</Small>);
  const { behindHipMm, kneeDeg, hipDeg, trunkLeanDeg, leatherDeg, tooNear } = read.value;
  const angles = [
    [SIDE_PHOTO_PHRASES.kneeAngle, kneeDeg],
    [SIDE_PHOTO_PHRASES.hipAngle, hipDeg],
    [SIDE_PHOTO_PHRASES.trunkLean, trunkLeanDeg],
    [SIDE_PHOTO_PHRASES.leatherAngle, leatherDeg],
  ] as const;
  return (
    <YStack>
      {tooNear ? <Banner tone="lookOut">{SIDE_PHOTO_PHRASES.tooNear}</Banner> : null}
      {(['ear', 'shoulder', 'heel', 'bar'] as const).map((p) => (
        <Row
          key={p}
          name={SIDE_PHOTO_PHRASES.behind(POINT_WORDS[p])}
          value={behindHipMm[p] === null ? SIDE_PHOTO_PHRASES.notMarked : SIDE_PHOTO_PHRASES.offset(behindHipMm[p])}
        />
      ))}
      {angles.map(([name, deg]) => (
        <Row key={name} name={name} value={deg === null ? SIDE_PHOTO_PHRASES.notMarked : degWords(deg)} />
      ))}
      <Small>{SIDE_PHOTO_PHRASES.error(PHOTO_ERROR.offsetMm, PHOTO_ERROR.angleDeg)}</Small>
    </YStack>
  );
}

const Row = ({ name, value }: { readonly name: string; readonly value: string }) => (
  <XStack borderTopWidth={1} borderColor="$rule" paddingVertical="$xs" gap="$s">
    <Body flex={1}>{name}</Body>
    <Strong>{value}</Strong>
  </XStack>
);
