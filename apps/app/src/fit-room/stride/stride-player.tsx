import { type RiddenPicture, type StrideGaitId, type StrideTold } from '@fulcra/core';
import { useEffect, useState } from 'react';
import Svg, { Line, Rect } from 'react-native-svg';
import { XStack, YStack } from 'tamagui';
import { useMeasuredWidth } from '../../drawings/use-measured-width';
import { Button } from '../../ui/button';
import { Choice } from '../../ui/choice';
import { Body, Small } from '../../ui/text';
import { usePalette } from '../../ui/use-palette';
import { GAIT_NAMES, STRIDE_PHRASES } from '../../words/stride-words';
import { type FitRoom } from '../model/use-room';
import { hardestOf, pictureAt } from './stride-frame';

/** Played at half its pace, so that an eye can follow. */
const SLOWED = 2;

const wantsStill = (): boolean => typeof window.matchMedia === 'function' && window.matchMedia('(prefers-reduced-motion: reduce)').matches;

/** Begun with a gait it can be watched through. */
const longest = (told: readonly StrideTold[]): StrideTold => told.reduce((a, b) => (b.instants.length > a.instants.length ? b : a));

interface PlayerProps {
  readonly fit: Pick<FitRoom, 'live' | 'picture' | 'asked' | 'loaded'>;
  readonly ridden: RiddenPicture;
}

/** Which instant of which gait is shown, and whether it plays; the room's drawings follow. */
function useStride({ live, picture, asked, loaded }: PlayerProps['fit'], ridden: RiddenPicture, told: readonly StrideTold[]) {
  const [gait, setGait] = useState<StrideGaitId>(longest(told).gait);
  const [index, setIndex] = useState<number | null>(null);
  const [hardest, setHardest] = useState(false);
  const [playing, setPlaying] = useState(false);
  const stride = told.find((s) => s.gait === gait) ?? told[0]!;
  const count = stride.instants.length;
  const { scapula } = loaded.measured.landmarks;
  useEffect(() => {
    if (picture === null) return;
    if (hardest) live.set(hardestOf(picture, ridden, stride));
    else live.set(index === null ? null : pictureAt(picture, ridden, stride, index % count, scapula));
    return () => live.set(null);
  }, [live, picture, ridden, stride, index, hardest, count, scapula]);
  const { strideHz } = asked.school.engine.strides[stride.gait];
  useEffect(() => {
    if (!playing) return;
    const timer = setInterval(() => setIndex((at) => ((at ?? -1) + 1) % count), (1000 * SLOWED) / (strideHz * 24));
    return () => clearInterval(timer);
  }, [playing, count, strideHz]);
  const go = (to: number | null): void => {
    setPlaying(false);
    setHardest(false);
    setIndex(to);
  };
  const showHardest = (): void => {
    go(null);
    setHardest(!hardest);
  };
  const play = (): void => {
    setHardest(false);
    setPlaying(!playing);
  };
  return { stride, setGait, index, playing, play, go, hardest, showHardest };
}

/** The stride played and scrubbed: every drawing of the room shows the instant. */
export function StridePlayer({ fit, ridden }: PlayerProps) {
  const told = Object.values(ridden.ridden.strides).filter((s) => s.instants.length > 0);
  const { stride, setGait, index, playing, play, go, hardest, showHardest } = useStride(fit, ridden, told);
  const { asked } = fit;
  const count = stride.instants.length;
  const still = wantsStill();
  const palette = usePalette();
  return (
    <YStack gap="$s">
      <Choice
        label={STRIDE_PHRASES.watch}
        value={stride.gait}
        options={told.map((s) => ({ value: s.gait, label: GAIT_NAMES[s.gait] }))}
        onChange={setGait}
      />
      <Strip stride={stride} shown={index === null ? null : index % count} most={asked.school.rules.peakRatio.most} onPick={go} />
      <XStack gap="$s" alignItems="center" flexWrap="wrap">
        {still ? (
          <Button tight label={STRIDE_PHRASES.onward} onPress={() => go(((index ?? -1) + 1) % count)} />
        ) : (
          <Button tight label={playing ? STRIDE_PHRASES.pause : STRIDE_PHRASES.play} pressed={playing} onPress={play} />
        )}
        <Button tight label={STRIDE_PHRASES.hardest} pressed={hardest} onPress={showHardest} />
        <Button tight kind="quiet" label={STRIDE_PHRASES.close} off={index === null && !hardest} onPress={() => go(null)} />
        <Body>{index === null ? '' : STRIDE_PHRASES.at(stride.instants[index % count]!.instant)}</Body>
      </XStack>
      <input
        type="range"
        aria-label={STRIDE_PHRASES.scrub}
        min={0}
        max={count - 1}
        value={index === null ? 0 : index % count}
        onChange={(e) => go(Number(e.target.value))}
        style={{ width: '100%', height: 44, margin: 0, accentColor: palette.action }}
      />
    </YStack>
  );
}

const STRIP_PX = 72;

interface StripProps {
  readonly stride: StrideTold;
  readonly shown: number | null;
  readonly most: number;
  readonly onPick: (index: number) => void;
}

/** A bar an instant: peak over the exact fit's, the line is what the school takes. */
function Strip({ stride, shown, most, onPick }: StripProps) {
  const palette = usePalette();
  const [width, onLayout] = useMeasuredWidth();
  const ratios = stride.instants.map((i) => (i.exactKPa > 0 ? i.peakKPa / i.exactKPa : 0));
  const top = Math.max(2 * most, ...ratios);
  const step = width / Math.max(1, ratios.length);
  const y = (ratio: number): number => STRIP_PX - (STRIP_PX - 4) * (ratio / top);
  return (
    <YStack onLayout={onLayout}>
      <Small>{STRIDE_PHRASES.strip}</Small>
      <Svg width={width} height={STRIP_PX} role="img" aria-label={STRIDE_PHRASES.strip}>
        {ratios.map((ratio, i) => (
          <Rect
            key={i}
            x={i * step + 1}
            width={Math.max(1, step - 2)}
            y={y(ratio)}
            height={STRIP_PX - y(ratio)}
            fill={ratio > most ? palette.bad : palette.good}
            stroke={i === shown ? palette.ink : 'none'}
            strokeWidth={3}
            onPress={() => onPick(i)}
          />
        ))}
        <Line x1={0} x2={width} y1={y(most)} y2={y(most)} stroke={palette.ink} strokeWidth={1.5} strokeDasharray="5 4" />
      </Svg>
    </YStack>
  );
}
