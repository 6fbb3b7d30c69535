import { RIDER_LIMITS_MM } from '@fulcra/contract';
import { type LengthUnit, type KnownLength, type RiderMeasure, FOOT, RIDER_MEASURES, oddLengths, toMm } from '@fulcra/core';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { v7 } from 'uuid';
import { z } from 'zod';
import { useMeasuredWidth } from '../drawings/use-measured-width';
import { dayNow } from '../platform/clock';
import { type DraftSpec } from '../platform/draft';
import { useSession } from '../platform/session-context';
import { useDraft } from '../platform/use-draft';
import { useTapeUnit } from '../platform/use-tape-unit';
import { useSend } from '../platform/use-send';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { NumberPad } from '../ui/number-pad';
import { Body, Heading, Small, Strong } from '../ui/text';
import { useToast } from '../ui/toast';
import { useWide } from '../ui/use-wide';
import { dayWords } from '../words/measure-words';
import { UNIT_CHOICES, onTape } from '../words/person-unit';
import { problemWords } from '../words/problem-words';
import { RIDER_MEASURE_WORDS } from '../words/rider-words';
import { RIDERS_PHRASES } from '../words/riders-phrases';
import { BodyDrawing } from './body-drawing';
import { OddLengths } from './odd-lengths';
import { type KnownRider } from './use-rider';

type NewLengths = Readonly<Partial<Record<RiderMeasure, number>>>;
const NEW_DRAFT: DraftSpec<NewLengths> = { version: 1, schema: z.partialRecord(z.enum(RIDER_MEASURES), z.number()) };

const lengthWords = (mm: number, unit: LengthUnit): string => `${onTape(mm, unit)} ${unit}`;

/** The lengths of a rider: the figure shows where, what is missing is filled in by proportion and says so. */
export function LengthsPart({ known }: { readonly known: KnownRider }) {
  const [here, setHere] = useState<RiderMeasure | null>(null);
  const [pad, setPad] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const [width, onLayout] = useMeasuredWidth();
  const wide = useWide();
  const [unit, setUnit] = useTapeUnit('cm');
  const { fresh, put, keep, forget } = useNewLengths(known);
  const count = Object.keys(fresh).length;
  const take = (measure: RiderMeasure, value: number): void => {
    const mm = Math.round(toMm(value, unit) * 10) / 10;
    const [least, most] = RIDER_LIMITS_MM[measure];
    const fits = mm >= least && mm <= most;
    setProblem(
      fits ? null : RIDERS_PHRASES.outOfRange(RIDER_MEASURE_WORDS[measure].name, lengthWords(least, unit), lengthWords(most, unit)),
    );
    if (fits) put(measure, mm);
  };
  return (
    <YStack gap="$s">
      <Heading>{RIDERS_PHRASES.measures}</Heading>
      <YStack onLayout={onLayout}>
        {width === 0 ? null : (
          <BodyDrawing widthPx={width} heightPx={wide ? 360 : 250} here={here} measured={Object.keys(known.newest) as RiderMeasure[]} />
        )}
      </YStack>
      <Small>{here === null ? RIDERS_PHRASES.tapALength : RIDER_MEASURE_WORDS[here].how}</Small>
      <Choice label={RIDERS_PHRASES.unit} value={unit} options={UNIT_CHOICES} onChange={setUnit} />
      {problem === null ? null : <Banner tone="bad">{problem}</Banner>}
      <OddLengths odd={oddLengths({ ...known.measured, ...fresh }, known.twice)} />
      <CannotYet known={known} />
      {RIDER_MEASURES.map((measure) => (
        <LengthRow
          key={measure}
          measure={measure}
          known={known}
          fresh={fresh[measure]}
          unit={unit}
          here={here === measure}
          onPress={() => {
            setHere(measure);
            setPad(true);
          }}
        />
      ))}
      <KeepNew count={count} onKeep={() => void keep()} onForget={forget} />
      {here === null ? null : (
        <NumberPad
          title={`${RIDER_MEASURE_WORDS[here].name}, ${unit}`}
          open={pad}
          start={startOf(known, fresh, here, unit)}
          onClose={() => setPad(false)}
          onDone={(value) => take(here, value)}
        />
      )}
    </YStack>
  );
}

function KeepNew({ count, onKeep, onForget }: { readonly count: number; readonly onKeep: () => void; readonly onForget: () => void }) {
  if (count === 0) return null;
  return (
    <XStack gap="$s" flexWrap="wrap">
      <Button kind="main" label={RIDERS_PHRASES.keepLengths(count)} onPress={onKeep} />
      <Button label={RIDERS_PHRASES.forget} onPress={onForget} />
    </XStack>
  );
}

function startOf({ newest }: KnownRider, fresh: NewLengths, here: RiderMeasure, unit: LengthUnit): number | null {
  const mm = fresh[here] ?? newest[here]?.mm;
  return mm === undefined ? null : Number(onTape(mm, unit));
}

function CannotYet({ known: { body } }: { readonly known: KnownRider }) {
  // lengths that don't go together are told above
  const problems = body.ok ? [] : body.problems.filter((p) => p.code !== 'RIDER_LENGTHS_DISAGREE');
  if (problems.length === 0) return null;
  return (
    <Banner tone="lookOut">
      <Body>{RIDERS_PHRASES.cannotYet}</Body>
      {problems.map((p) => (
        <Small key={JSON.stringify(p)}>{problemWords(p)}</Small>
      ))}
      <Small>{RIDERS_PHRASES.measureUnder}</Small>
    </Banner>
  );
}

/** Lengths that were typed but not kept stay in this browser over a reload. */
function useNewLengths({ rider }: KnownRider) {
  const [fresh, setFresh, forgetDraft] = useDraft<NewLengths>(`rider-lengths-${rider.id}`, NEW_DRAFT, {});
  const { session } = useSession();
  const send = useSend();
  const toast = useToast();
  const forget = (): void => {
    setFresh({});
    forgetDraft();
  };
  const keep = async (): Promise<void> => {
    const measuresId = v7();
    const body = { riderId: rider.id, takenOn: dayNow(), hand: session.person.name, lengthsMm: fresh, withdrawn: false };
    if (!(await send({ kind: 'riderMeasures', measuresId, body }))) return;
    forget();
    const undo = () => void send({ kind: 'riderMeasures', measuresId, body: { ...body, withdrawn: true, was: body } });
    toast({ text: RIDERS_PHRASES.lengthsKept, undo });
  };
  return { fresh, put: (measure: RiderMeasure, mm: number) => setFresh({ ...fresh, [measure]: mm }), keep, forget };
}

interface LengthRowProps {
  readonly measure: RiderMeasure;
  readonly known: KnownRider;
  readonly fresh: number | undefined;
  readonly unit: LengthUnit;
  readonly here: boolean;
  readonly onPress: () => void;
}

function LengthRow({ measure, known, fresh, unit, here, onPress }: LengthRowProps) {
  const { name } = RIDER_MEASURE_WORDS[measure];
  const [mm, said, sure] = fresh === undefined ? lengthSaid(known, measure, unit) : ([fresh, RIDERS_PHRASES.now, true] as const);
  return (
    <XStack borderTopWidth={1} borderColor={here ? '$action' : '$rule'} alignItems="center" gap="$s">
      <YStack flex={1} paddingVertical="$xs">
        <Body fontWeight={here ? '700' : '400'}>{name}</Body>
        <Small color={fresh !== undefined ? '$lookOut' : '$muted'}>{said}</Small>
      </YStack>
      <Button kind="quiet" label={RIDERS_PHRASES.typeMeasure(name)} onPress={onPress}>
        {mm === null ? (
          <Body color="$action">–</Body>
        ) : (
          <Strong color={sure ? '$ink' : '$muted'} fontStyle={sure ? 'normal' : 'italic'}>
            {lengthWords(mm, unit)}
          </Strong>
        )}
      </Button>
    </XStack>
  );
}

const HOW: Readonly<Record<KnownLength['from'], string>> = {
  measured: RIDERS_PHRASES.now,
  insideLeg: RIDERS_PHRASES.fromInsideLeg,
  stature: RIDERS_PHRASES.fromHeight,
  arm: RIDERS_PHRASES.fromArm,
};

/** @returns its length, how it came about, and whether it was measured */
function lengthSaid({ newest, body }: KnownRider, measure: RiderMeasure, unit: LengthUnit): readonly [number | null, string, boolean] {
  const own = newest[measure];
  if (own !== undefined)
    return [own.mm, own.takenOn === null ? RIDERS_PHRASES.asSaid : RIDERS_PHRASES.measuredOn(dayWords(own.takenOn)), true];
  if (measure === 'bootSole') return [FOOT.bootSoleMm, RIDERS_PHRASES.usualBoot, false];
  if (!body.ok || measure === 'stature' || measure === 'insideLeg') return [null, RIDERS_PHRASES.missing, false];
  const filled = body.value[measure];
  return [filled.mm, `${HOW[filled.from]}, ${RIDERS_PHRASES.sd(lengthWords(filled.sdMm, unit))}`, false];
}
