import { PLAIN_BARREL, factsOfKind } from '@fulcra/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { BarrelDrawing, type BarrelMeasure } from '../drawings/barrel-drawing';
import { useMeasuredWidth } from '../drawings/use-measured-width';
import { useDraft } from '../platform/use-draft';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { Stepper } from '../ui/stepper';
import { Body, Small } from '../ui/text';
import { useWide } from '../ui/use-wide';
import { type LoadedVisit, closedBanner, useVisitPage } from '../visit';
import { BARREL_PHRASES } from '../words/barrel-phrases';
import { problemWords } from '../words/problem-words';
import { BARREL_DRAFT, type BarrelTyped, barrelTyped, readBarrel } from './barrel-draft';

export function BarrelScreen({ visitId }: { readonly visitId: string }) {
  const { loaded, problem } = useVisitPage(visitId);
  return loaded === null ? <LoadState problem={problem} /> : <MeasureBarrel visitId={visitId} loaded={loaded} />;
}

const WAYS = [
  { value: 'tape', label: BARREL_PHRASES.tape },
  { value: 'tracing', label: BARREL_PHRASES.tracing },
] as const;

function MeasureBarrel({ visitId, loaded }: { readonly visitId: string; readonly loaded: LoadedVisit }) {
  const kept = factsOfKind(loaded.page.facts, 'barrel').at(-1) ?? null;
  const [typed, setTyped, forget] = useDraft<BarrelTyped>(`barrel-${visitId}`, BARREL_DRAFT, barrelTyped(kept));
  const [here, setHere] = useState<BarrelMeasure | null>(null);
  const [width, onLayout] = useMeasuredWidth();
  const wide = useWide();
  const put = (change: Partial<BarrelTyped>) => setTyped({ ...typed, ...change });
  const read = readBarrel(typed);
  const barrel = read?.made.ok === true ? read.made.value : null;
  const back = () => router.navigate(`/visits/${visitId}/rider`);
  const keep = async () => {
    if (read === null || barrel === null) return;
    if (!(await loaded.note({ kind: 'barrel', ...read.body }, BARREL_PHRASES.kept))) return;
    forget();
    back();
  };
  return (
    <Screen
      narrow
      title={BARREL_PHRASES.barrel}
      note={loaded.page.horse.name}
      onBack={back}
      closed={closedBanner(loaded)}
      bottom={<Button grow kind="main" off={barrel === null || loaded.closed} label={BARREL_PHRASES.keep} onPress={() => void keep()} />}
    >
      <Small>{BARREL_PHRASES.note}</Small>
      <YStack onLayout={onLayout} opacity={barrel === null ? 0.45 : 1}>
        {width === 0 ? null : <BarrelDrawing barrel={barrel ?? PLAIN_BARREL} here={here} widthPx={width} heightPx={wide ? 360 : 270} />}
      </YStack>
      <Choice label={BARREL_PHRASES.way} value={typed.way} options={WAYS} onChange={(way) => put({ way })} />
      {typed.way === 'tape' ? <Tape typed={typed} put={put} onHere={setHere} /> : <Tracing typed={typed} put={put} />}
      {read === null ? <Small>{BARREL_PHRASES.fillAll}</Small> : null}
      {read?.made.ok === false
        ? read.made.problems.map((p) => (
            <Banner key={p.code} tone="bad">
              {problemWords(p)}
            </Banner>
          ))
        : null}
      {barrel === null ? null : barrel.traced !== undefined ? (
        <Body>{BARREL_PHRASES.traced(barrel.traced.length)}</Body>
      ) : barrel.assumed ? (
        <Body>{BARREL_PHRASES.asEllipse(Math.round(barrel.widestBelowMm + barrel.halfDepthMm))}</Body>
      ) : (
        <Body>{BARREL_PHRASES.shape(barrel.exponent)}</Body>
      )}
    </Screen>
  );
}

interface PartProps {
  readonly typed: BarrelTyped;
  readonly put: (change: Partial<BarrelTyped>) => void;
}

const STEP_MM = 5;

function Tape({ typed, put, onHere }: PartProps & { readonly onHere: (here: BarrelMeasure) => void }) {
  const row = (label: string, here: BarrelMeasure, value: number | null, change: (mm: number) => Partial<BarrelTyped>) => (
    <Stepper
      label={label}
      unit="mm"
      value={value}
      step={STEP_MM}
      decimals={0}
      onChange={(mm) => {
        onHere(here);
        put(change(mm));
      }}
    />
  );
  return (
    <YStack gap="$m">
      <XStack>
        {row(BARREL_PHRASES.circumference, 'circumference', typed.circumferenceMm, (circumferenceMm) => ({ circumferenceMm }))}
        {row(BARREL_PHRASES.breadth, 'breadth', typed.breadthMm, (breadthMm) => ({ breadthMm }))}
      </XStack>
      <XStack>
        {row(BARREL_PHRASES.widest, 'widest', typed.widestBelowMm, (widestBelowMm) => ({ widestBelowMm }))}
        {row(BARREL_PHRASES.depth, 'depth', typed.depthMm, (depthMm) => ({ depthMm }))}
      </XStack>
      {typed.depthMm === null ? (
        <Small>{BARREL_PHRASES.noDepth}</Small>
      ) : (
        <Button kind="quiet" label={BARREL_PHRASES.clear} onPress={() => put({ depthMm: null })} />
      )}
    </YStack>
  );
}

/** How far below the last a new place begins, mm. */
const NEXT_BELOW_MM = 80;

function Tracing({ typed: { places }, put }: PartProps) {
  const last = places.at(-1);
  const change = (i: number, by: Partial<(typeof places)[number]>) =>
    put({ places: places.map((p, k) => (k === i ? { ...p, ...by } : p)) });
  const add = () =>
    put({ places: [...places, { belowMm: (last?.belowMm ?? -NEXT_BELOW_MM / 2) + NEXT_BELOW_MM, outMm: last?.outMm ?? 80 }] });
  return (
    <YStack gap="$s">
      {places.map((p, i) => (
        <XStack key={i}>
          <Stepper
            label={BARREL_PHRASES.belowRow(i + 1)}
            shown={BARREL_PHRASES.below}
            unit="mm"
            value={p.belowMm}
            step={STEP_MM}
            decimals={0}
            onChange={(belowMm) => change(i, { belowMm })}
          />
          <Stepper
            label={BARREL_PHRASES.outRow(i + 1)}
            shown={BARREL_PHRASES.out}
            unit="mm"
            value={p.outMm}
            step={STEP_MM}
            decimals={0}
            onChange={(outMm) => change(i, { outMm })}
          />
        </XStack>
      ))}
      <XStack gap="$s" flexWrap="wrap">
        <Button label={BARREL_PHRASES.addPlace} onPress={add} />
        {places.length === 0 ? null : (
          <Button kind="quiet" label={BARREL_PHRASES.dropPlace} onPress={() => put({ places: places.slice(0, -1) })} />
        )}
      </XStack>
    </YStack>
  );
}
