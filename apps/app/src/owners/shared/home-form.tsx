import { HOME_LIMITS } from '@fulcra/contract';
import { useState } from 'react';
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
const EMPTY: Typed = { step: 0, back: '', girth: '', weight: '', stood: [], tiltDeg: null, note: '' };

/** A number within its limits, null where nothing is typed, NaN where it can't be read. */
const within = (value: number | null, [least, most]: readonly [number, number]): number | null =>
  value === null || (value >= least && value <= most) ? value : Number.NaN;

export function readHome(typed: Typed) {
  const [backLengthMm, girthMm, weightKg] = [
    within(readLength(typed.back), HOME_LIMITS.backLengthMm),
    within(readLength(typed.girth), HOME_LIMITS.girthMm),
    within(readNumber(typed.weight), HOME_LIMITS.weightKg),
  ];
  const unread = [backLengthMm, girthMm, weightKg].some((v) => Number.isNaN(v));
  const { stood, tiltDeg } = typed;
  return unread ? null : { kind: 'home' as const, backLengthMm, girthMm, weightKg, stood, tiltDeg, note: typed.note.trim() };
}

/** Measures and pictures from home, step by step: the fitter takes them up, nothing is recognised by itself. */
export function HomeForm({ token, onBack, onDone }: SayProps) {
  const [typed, put, forget] = useDraft(draftInUnit(`owner-home-${token}`), DRAFT, EMPTY);
  const [photos, setPhotos] = useState<readonly ReadyPhoto[]>([]);
  const saying = useSaying(token, () => {
    forget();
    onDone();
  });
  const send = () => {
    const read = readHome(typed);
    if (read === null) return saying.say(OWNER_PHRASES.needsNumber);
    const nothing = [read.backLengthMm, read.girthMm, read.weightKg].every((v) => v === null) && photos.length === 0;
    return nothing ? saying.say(OWNER_PHRASES.needsSomething) : void saying.send(read, photos);
  };
  const last = typed.step === 2;
  const picker = (label: string, view: ReadyPhoto['view']) => (
    <PhotoPicker label={label} view={view} photos={photos} onPhotos={setPhotos} onProblem={saying.say} />
  );
  return (
    <Screen
      narrow
      title={OWNER_PHRASES.home}
      note={OWNER_PHRASES.step(typed.step + 1, 3)}
      onBack={typed.step === 0 ? onBack : () => put({ ...typed, step: typed.step - 1 })}
      bottom={
        <Button
          grow
          kind="main"
          label={last ? OWNER_PHRASES.send : OWNER_PHRASES.nextStep}
          off={saying.busy}
          onPress={last ? send : () => put({ ...typed, step: typed.step + 1 })}
        />
      }
    >
      {typed.step === 0 ? (
        <YStack gap="$m">
          <Tape typed={typed} put={put} />
          <Small>{OWNER_PHRASES.wireHow}</Small>
          {picker(OWNER_PHRASES.wirePhoto, 'detail')}
        </YStack>
      ) : null}
      {typed.step === 1 ? (
        <YStack gap="$m">
          <Stood typed={typed} put={put} />
          <PhoneTilt tiltDeg={typed.tiltDeg} onTilt={(tiltDeg) => put({ ...typed, tiltDeg })} />
          <SideOutline photo={photos.findLast((p) => p.view === 'nearSide') ?? null} />
          {picker(OWNER_PHRASES.sidePhoto, 'nearSide')}
        </YStack>
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

function Tape({ typed, put }: PartProps) {
  return (
    <YStack gap="$m">
      <Body>{OWNER_PHRASES.homeIntro}</Body>
      <Field label={OWNER_PHRASES.homeBack} value={typed.back} kind="number" onChange={(back) => put({ ...typed, back })} />
      <Field label={OWNER_PHRASES.homeGirth} value={typed.girth} kind="number" onChange={(girth) => put({ ...typed, girth })} />
      <Field label={OWNER_PHRASES.homeWeight} value={typed.weight} kind="number" onChange={(weight) => put({ ...typed, weight })} />
    </YStack>
  );
}

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
