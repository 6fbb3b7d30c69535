import { type FactBody } from '@fulcra/contract';
import { XStack, YStack } from 'tamagui';
import { Choice } from '../ui/choice';
import { Stepper } from '../ui/stepper';
import { Heading, Small } from '../ui/text';
import { type LoadedVisit } from '../visit';

type Lift = Extract<FactBody, { kind: 'bellyLift' }>;
const NOTHING: Lift = { kind: 'bellyLift', riseMm: null, byEye: null, even: null, withersFill: null };
const BY_EYE = [
  { value: 'none', label: 'none' },
  { value: 'little', label: 'a little' },
  { value: 'clear', label: 'clearly' },
] as const;
const EVEN = [
  { value: 'even', label: 'both alike' },
  { value: 'nearLess', label: 'near less' },
  { value: 'offLess', label: 'off less' },
] as const;
const FILLS = [
  { value: 'yes', label: 'fill' },
  { value: 'no', label: 'stay' },
] as const;

/** How the back answers a belly lift: by the tape or by eye, even or not, and what the withers do. */
export function BellyLift({ loaded: { page, note } }: { readonly loaded: LoadedVisit }) {
  const last = page.facts.filter((f) => !f.withdrawn && f.body.kind === 'bellyLift').at(-1)?.body as Lift | undefined;
  const lift = last ?? NOTHING;
  const set = (change: Partial<Lift>) => void note({ ...lift, ...change });
  return (
    <YStack gap="$xs">
      <Heading>Belly lift</Heading>
      <Small>Fingertips along the midline behind the girth, a slow lift; only if the girth was quiet.</Small>
      <XStack>
        <Stepper
          label="Rise of the back, mm"
          shown="rise, mm"
          unit="mm"
          step={5}
          decimals={0}
          value={lift.riseMm}
          onChange={(mm) => set({ riseMm: Math.min(150, mm) })}
        />
      </XStack>
      <Small>By eye</Small>
      <Choice label="Rise by eye" value={lift.byEye ?? ''} options={BY_EYE} onChange={(byEye) => set({ byEye })} />
      <Small>Both sides</Small>
      <Choice label="Both sides" value={lift.even ?? ''} options={EVEN} onChange={(even) => set({ even })} />
      <Small>The withers</Small>
      <Choice
        label="The withers"
        value={lift.withersFill === null ? '' : lift.withersFill ? 'yes' : 'no'}
        options={FILLS}
        onChange={(fill) => set({ withersFill: fill === 'yes' })}
      />
    </YStack>
  );
}
