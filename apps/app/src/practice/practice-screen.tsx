import { BIN_PHRASES } from '../words/bin-phrases';
import { type RiderHabits, BAND_LIMITS_DEG, RIDER_HABITS, WEIGHT_LIMITS_PERCENT } from '@fulcra/contract';
import { BAND_SETS, PURPOSES, type Purpose, WEIGHT_SOURCE } from '@fulcra/core';
import { router } from 'expo-router';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { useSession } from '../platform/session-context';
import { useSend } from '../platform/use-send';
import { usePracticeSettings } from '../platform/use-views';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Columns } from '../ui/columns';
import { Field } from '../ui/field';
import { Screen } from '../ui/screen';
import { Stepper } from '../ui/stepper';
import { Body, Heading, Small } from '../ui/text';
import { useToast } from '../ui/toast';
import { typedLength } from '../words/typed-length';
import { PRACTICE_PHRASES } from '../words/practice-phrases';
import { PURPOSE_WORDS } from '../words/riders-phrases';
import { SCHOOLS_PHRASES } from '../words/schools-phrases';
import { BeginAnew } from './begin-anew';
import { CurvePart } from './curve-part';
import { PhotoRoomPart } from './photo-room-part';
import { readLengths } from './read-lengths';
import { VisitDaysPart } from './visit-days-part';

interface HabitsProps {
  readonly habits: RiderHabits;
  readonly put: (change: Partial<RiderHabits>) => void;
}

/** What a practice does in its own way with riders. */
export function PracticeScreen() {
  const { session } = useSession();
  const was = usePracticeSettings();
  const send = useSend();
  const toast = useToast();
  const habits = was.rider;
  const putAll = (rider: RiderHabits) => send({ kind: 'practiceSettings', practiceId: session.practice.id, body: { ...was, rider, was } });
  const put = (change: Partial<RiderHabits>) => void putAll({ ...habits, ...change });
  const back = async () => {
    if (await putAll(RIDER_HABITS)) toast({ text: PRACTICE_PHRASES.defaultsBack, undo: () => void putAll(habits) });
  };
  return (
    <Screen title={PRACTICE_PHRASES.title} note={PRACTICE_PHRASES.note} onBack={() => router.navigate('/')}>
      <Columns>
        <Bands habits={habits} put={put} />
        <YStack gap="$l">
          <Lengths key={JSON.stringify(habits.stockLengthsMm)} habits={habits} put={put} />
          <Weights habits={habits} put={put} />
          <VisitDaysPart
            settings={was}
            put={(change) => void send({ kind: 'practiceSettings', practiceId: session.practice.id, body: { ...was, ...change, was } })}
          />
          <CurvePart
            key={was.curveAddress}
            address={was.curveAddress}
            onAddress={(curveAddress) =>
              void send({ kind: 'practiceSettings', practiceId: session.practice.id, body: { ...was, curveAddress, was } })
            }
          />
          <PhotoRoomPart />
          <Button label={SCHOOLS_PHRASES.toSchools} onPress={() => router.push('/schools')} />
          <Button label={BIN_PHRASES.theBin} onPress={() => router.push('/bin')} />
          <Button label={PRACTICE_PHRASES.defaults} onPress={() => void back()} />
          <BeginAnew />
        </YStack>
      </Columns>
    </Screen>
  );
}

const SETS = BAND_SETS.map((value) => ({ value, label: PRACTICE_PHRASES.set[value] }));

function Bands({ habits, put }: HabitsProps) {
  const set = habits.bandSet;
  const bands = habits.bands[set];
  const change = (purpose: Purpose, least: number, most: number): void => {
    if (least < BAND_LIMITS_DEG.least || most > BAND_LIMITS_DEG.most || least > most) return;
    put({ bands: { ...habits.bands, [set]: { ...bands, [purpose]: [least, most] } } });
  };
  return (
    <YStack gap="$s">
      <Heading>{PRACTICE_PHRASES.bandSet}</Heading>
      <Choice label={PRACTICE_PHRASES.bandSet} value={set} options={SETS} onChange={(bandSet) => put({ bandSet })} />
      {set === 'spoken' ? <Small color="$lookOut">{PRACTICE_PHRASES.spokenNote}</Small> : null}
      <Small>{PRACTICE_PHRASES.bandsOf(PRACTICE_PHRASES.set[set])}</Small>
      {PURPOSES.map((purpose) => {
        const [least, most] = bands[purpose];
        const name = PURPOSE_WORDS[purpose];
        return (
          <YStack key={purpose} borderTopWidth={1} borderColor="$rule" paddingVertical="$xs">
            <Body>{name}</Body>
            <XStack>
              <Stepper
                label={PRACTICE_PHRASES.least(name)}
                shown={PRACTICE_PHRASES.from}
                unit="°"
                value={least}
                step={1}
                decimals={0}
                onChange={(deg) => change(purpose, deg, most)}
              />
              <Stepper
                label={PRACTICE_PHRASES.most(name)}
                shown={PRACTICE_PHRASES.to}
                unit="°"
                value={most}
                step={1}
                decimals={0}
                onChange={(deg) => change(purpose, least, deg)}
              />
            </XStack>
          </YStack>
        );
      })}
    </YStack>
  );
}

const typedLengths = (mm: readonly number[]): string => mm.map(typedLength).join(', ');

function Lengths({ habits, put }: HabitsProps) {
  const [looped, setLooped] = useState(typedLengths(habits.stockLengthsMm.looped));
  const [single, setSingle] = useState(typedLengths(habits.stockLengthsMm.single));
  const [tried, setTried] = useState(false);
  const read = { looped: readLengths(looped), single: readLengths(single) };
  const keep = () => {
    setTried(true);
    if (read.looped !== null && read.single !== null) put({ stockLengthsMm: { looped: read.looped, single: read.single } });
  };
  const problem = (list: readonly number[] | null): string | null => (tried && list === null ? PRACTICE_PHRASES.lengthsBad : null);
  return (
    <YStack gap="$s">
      <Heading>{PRACTICE_PHRASES.lengths}</Heading>
      <Field
        label={PRACTICE_PHRASES.looped}
        value={looped}
        onChange={setLooped}
        lines={2}
        hint={PRACTICE_PHRASES.lengthsHint}
        problem={problem(read.looped)}
      />
      <Field label={PRACTICE_PHRASES.single} value={single} onChange={setSingle} lines={2} problem={problem(read.single)} />
      <Button label={PRACTICE_PHRASES.keepLengths} onPress={keep} />
    </YStack>
  );
}

function Weights({ habits: { weightPercent }, put }: HabitsProps) {
  const row = (name: string, key: keyof RiderHabits['weightPercent'], [least, most]: readonly [number, number]) => (
    <Stepper
      label={name}
      unit="%"
      value={weightPercent[key]}
      step={1}
      decimals={0}
      onChange={(percent) =>
        percent >= least && percent <= most ? put({ weightPercent: { ...weightPercent, [key]: percent } }) : undefined
      }
    />
  );
  const { note, caution, professional } = weightPercent;
  return (
    <YStack gap="$s">
      <Heading>{PRACTICE_PHRASES.weight}</Heading>
      <XStack>
        {row(PRACTICE_PHRASES.weightNote, 'note', [WEIGHT_LIMITS_PERCENT.least, caution])}
        {row(PRACTICE_PHRASES.weightCaution, 'caution', [note, professional])}
      </XStack>
      <XStack>{row(PRACTICE_PHRASES.weightProfessional, 'professional', [caution, WEIGHT_LIMITS_PERCENT.most])}</XStack>
      <Small>{PRACTICE_PHRASES.source(WEIGHT_SOURCE)}</Small>
    </YStack>
  );
}
