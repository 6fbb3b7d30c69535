import { HOME_LIMITS } from '@fulcra/contract';
import { type ReactNode, useState } from 'react';
import { YStack } from 'tamagui';
import { ChipGroup, toggled } from '../../ui/chip-group';
import { z } from 'zod';
import { type DraftSpec } from '../../platform/draft';
import { useDraft } from '../../platform/use-draft';
import { Banner } from '../../ui/banner';
import { Button } from '../../ui/button';
import { Field } from '../../ui/field';
import { Screen } from '../../ui/screen';
import { Body, Heading, Small } from '../../ui/text';
import { OWNER_PHRASES } from '../../words/owner-phrases';
import { STOOD_WORDS } from '../../words/report-words';
import { lengthWords } from '../../words/person-unit';
import { draftInUnit, readLength, readNumber } from '../../words/typed-length';
import { PhoneTilt } from './phone-tilt';
import { PhotoPicker } from './photo-picker';
import { type SayProps } from './say-forms';
import { type ReadyPhoto } from './shared-api';
import { SideOutline } from './side-outline';
import { useSaying } from './use-saying';

const STOOD = ['level', 'square', 'headLow', 'noRider'] as const;
const typedSchema = z.object({
  step: z.number().int().min(0).max(2),
  back: z.string(),
  girth: z.string(),
  weight: z.string(),
  stood: z.array(z.enum(STOOD)),
  tiltDeg: z.number().nullable(),
  note: z.string(),
});
type Typed = z.infer<typeof typedSchema>;
const DRAFT: DraftSpec<Typed> = { version: 1, schema: typedSchema };
const LAST_STEP = 2;
const EMPTY: Typed = { step: 0, back: '', girth: '', weight: '', stood: [], tiltDeg: null, note: '' };

const MEASURES = { back: 'backLengthMm', girth: 'girthMm', weight: 'weightKg' } as const;
type Measure = keyof typeof MEASURES;
type Read = Readonly<Record<(typeof MEASURES)[Measure], number | null>>;

/** What is typed as numbers: null where nothing is, and which can't be read or lie outside their limits. */
function readMeasures(typed: Typed): { readonly read: Read; readonly wrong: readonly Measure[] } {
  const read: Read = { backLengthMm: readLength(typed.back), girthMm: readLength(typed.girth), weightKg: readNumber(typed.weight) };
  const fits = (m: Measure): boolean => {
    const value = read[MEASURES[m]];
    const [least, most] = HOME_LIMITS[MEASURES[m]];
    return value === null || (value >= least && value <= most);
  };
  return { read, wrong: (Object.keys(MEASURES) as Measure[]).filter((m) => !fits(m)) };
}

export function readHome(typed: Typed) {
  const { read, wrong } = readMeasures(typed);
  const { stood, tiltDeg } = typed;
  return wrong.length > 0 ? null : { kind: 'home' as const, ...read, stood, tiltDeg, note: typed.note.trim() };
}

const isNothing = ({ backLengthMm, girthMm, weightKg }: Read): boolean => [backLengthMm, girthMm, weightKg].every((v) => v === null);

/** Measures and pictures from home, step by step: the fitter takes them up, nothing is recognised by itself. */
export function HomeForm({ token, onBack, onDone }: SayProps) {
  const [typed, put, forget] = useDraft(draftInUnit(`owner-home-${token}`), DRAFT, EMPTY);
  const [photos, setPhotos] = useState<readonly ReadyPhoto[]>([]);
  const saying = useSaying(token, () => {
    forget();
    onDone();
  });
  const [asked, setAsked] = useState(false);
  const at = (step: Typed['step']) => put({ ...typed, step });
  // what can't be read is said where it was typed, before anything else is asked
  const goOn = () => {
    const read = readHome(typed);
    setAsked(read === null);
    if (read === null) return at(0);
    if (typed.step < LAST_STEP) return at(typed.step + 1);
    return isNothing(read) && photos.length === 0 ? saying.say(OWNER_PHRASES.needsSomething) : void saying.send(read, photos);
  };
  const last = typed.step === LAST_STEP;
  const picker = (label: string, view: ReadyPhoto['view']) => (
    <PhotoPicker label={label} view={view} photos={photos} onPhotos={setPhotos} onProblem={saying.say} />
  );
  return (
    <Screen
      narrow
      title={OWNER_PHRASES.home}
      note={OWNER_PHRASES.step(typed.step + 1, 3)}
      onBack={typed.step === 0 ? onBack : () => at(typed.step - 1)}
      bottom={<Button grow kind="main" label={last ? OWNER_PHRASES.send : OWNER_PHRASES.nextStep} off={saying.busy} onPress={goOn} />}
    >
      {typed.step === 0 ? (
        <YStack gap="$m">
          <Tape typed={typed} put={put} asked={asked} />
          <Small>{OWNER_PHRASES.wireHow}</Small>
          {picker(OWNER_PHRASES.wirePhoto, 'detail')}
        </YStack>
      ) : null}
      {typed.step === 1 ? (
        <FromTheSide typed={typed} put={put} photo={photos.findLast((p) => p.view === 'nearSide') ?? null}>
          {picker(OWNER_PHRASES.sidePhoto, 'nearSide')}
        </FromTheSide>
      ) : null}
      {last ? (
        <YStack gap="$m">
          {picker(OWNER_PHRASES.rearPhoto, 'behind')}
          <Field label={OWNER_PHRASES.tellMore} value={typed.note} lines={3} onChange={(note) => put({ ...typed, note })} />
        </YStack>
      ) : null}
      {saying.problem === null ? null : <Banner tone="bad">{saying.problem}</Banner>}
    </Screen>
  );
}

interface PartProps {
  readonly typed: Typed;
  readonly put: (typed: Typed) => void;
}

/** Each number is judged once its field was left, or the next step asked for. */
function Tape({ typed, put, asked }: PartProps & { readonly asked: boolean }) {
  const { wrong } = readMeasures(typed);
  const [left, setLeft] = useState<readonly Measure[]>([]);
  const line = (measure: Measure, label: string) => (
    <Field
      label={label}
      value={typed[measure]}
      kind="number"
      onChange={(text) => put({ ...typed, [measure]: text })}
      onLeave={() => setLeft((before) => [...before, measure])}
      problem={wrong.includes(measure) && (asked || left.includes(measure)) ? limitWords(measure) : null}
    />
  );
  return (
    <YStack gap="$m">
      <Body>{OWNER_PHRASES.homeIntro}</Body>
      {line('back', OWNER_PHRASES.homeBack)}
      {line('girth', OWNER_PHRASES.homeGirth)}
      {line('weight', OWNER_PHRASES.homeWeight)}
    </YStack>
  );
}

const limitWords = (measure: Measure): string => {
  const [least, most] = HOME_LIMITS[MEASURES[measure]];
  return measure === 'weight' ? OWNER_PHRASES.kgBetween(least, most) : OWNER_PHRASES.lengthBetween(lengthWords(least), lengthWords(most));
};

interface FromTheSideProps extends PartProps {
  readonly photo: ReadyPhoto | null;
  readonly children: ReactNode;
}

const FromTheSide = ({ typed, put, photo, children }: FromTheSideProps) => (
  <YStack gap="$m">
    <Stood typed={typed} put={put} />
    <PhoneTilt tiltDeg={typed.tiltDeg} onTilt={(tiltDeg) => put({ ...typed, tiltDeg })} />
    <SideOutline photo={photo} />
    {children}
  </YStack>
);

function Stood({ typed, put }: PartProps) {
  return (
    <YStack gap="$xs">
      <Heading>{OWNER_PHRASES.homeStood}</Heading>
      <ChipGroup
        label={OWNER_PHRASES.homeStood}
        gap="$s"
        options={STOOD}
        words={STOOD_WORDS}
        on={typed.stood}
        onPress={(s) => put({ ...typed, stood: toggled(typed.stood, s) })}
      />
      <Small>{OWNER_PHRASES.outlineSide}</Small>
    </YStack>
  );
}
