import { FEEL_PHRASES } from '../words/feel-phrases';
import { type FactBody } from '@fulcra/contract';
import { XStack, YStack } from 'tamagui';
import { Choice } from '../ui/choice';
import { Stepper } from '../ui/stepper';
import { Heading, Small } from '../ui/text';
import { type LoadedVisit } from '../visit';

type Lift = Extract<FactBody, { kind: 'bellyLift' }>;
const NOTHING: Lift = { kind: 'bellyLift', riseMm: null, byEye: null, even: null, withersFill: null };
const BY_EYE = [
  { value: 'none', label: FEEL_PHRASES.none },
  { value: 'little', label: FEEL_PHRASES.aLittle },
  { value: 'clear', label: FEEL_PHRASES.clearly },
] as const;
const EVEN = [
  { value: 'even', label: FEEL_PHRASES.bothAlike },
  { value: 'nearLess', label: FEEL_PHRASES.nearLess },
  { value: 'offLess', label: FEEL_PHRASES.offLess },
] as const;
const FILLS = [
  { value: 'yes', label: FEEL_PHRASES.fill },
  { value: 'no', label: FEEL_PHRASES.stay },
] as const;

/** How the back answers a belly lift: by the tape or by eye, even or not, and what the withers do. */
export function BellyLift({ loaded: { page, note } }: { readonly loaded: LoadedVisit }) {
  const last = page.facts.filter((f) => !f.withdrawn && f.body.kind === 'bellyLift').at(-1)?.body as Lift | undefined;
  const lift = last ?? NOTHING;
  const set = (change: Partial<Lift>) => void note({ ...lift, ...change });
  return (
    <YStack gap="$xs">
      <Heading>{FEEL_PHRASES.bellyLift}</Heading>
      <Small>{FEEL_PHRASES.fingertipsAlongThe}</Small>
      <XStack>
        <Stepper
          label={FEEL_PHRASES.riseOfThe}
          shown={FEEL_PHRASES.riseMm}
          unit="mm"
          step={5}
          decimals={0}
          value={lift.riseMm}
          onChange={(mm) => set({ riseMm: Math.min(150, mm) })}
        />
      </XStack>
      <Small>{FEEL_PHRASES.byEye}</Small>
      <Choice label={FEEL_PHRASES.riseByEye} value={lift.byEye ?? ''} options={BY_EYE} onChange={(byEye) => set({ byEye })} />
      <Small>{FEEL_PHRASES.bothSides}</Small>
      <Choice label={FEEL_PHRASES.bothSides} value={lift.even ?? ''} options={EVEN} onChange={(even) => set({ even })} />
      <Small>{FEEL_PHRASES.theWithers}</Small>
      <Choice
        label={FEEL_PHRASES.theWithers}
        value={lift.withersFill === null ? '' : lift.withersFill ? 'yes' : 'no'}
        options={FILLS}
        onChange={(fill) => set({ withersFill: fill === 'yes' })}
      />
    </YStack>
  );
}
