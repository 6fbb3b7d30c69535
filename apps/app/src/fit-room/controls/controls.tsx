import { type AxisId, type DescribedSaddle, type RiderLoad, type SaddleSetup, BACK_POSES, GAITS, stepSetup } from '@fulcra/core';
import { XStack, YStack } from 'tamagui';
import { Button } from '../../ui/button';
import { Choice } from '../../ui/choice';
import { Icon } from '../../ui/icons';
import { Body, Heading, Small, Strong } from '../../ui/text';
import { usePalette } from '../../ui/use-palette';
import { AXIS_WORDS, GAIT_WORDS, POSE_WORDS, axisValue } from '../../words/setup-words';
import { PlaceRail } from './place-rail';
import { type RoomState, SEATS } from '../model/room-state';

export interface ControlsProps {
  readonly state: RoomState;
  readonly saddle: DescribedSaddle;
  /** What a rider of this horse weighs; the load to begin with when someone gets on. */
  readonly rider: RiderLoad;
  readonly onChange: (next: RoomState) => void;
  /** The saddle is being slid: drawn, not yet kept. */
  readonly onSlide: (placeMm: number) => void;
}

const FIRST: readonly AxisId[] = ['width', 'place', 'archShape', 'frontDepth', 'gusset', 'curve', 'straps', 'pad'];
const FILLING: readonly AxisId[] = ['flockFront', 'flockMiddle', 'flockRear', 'flockNear'];
const SHIMS: readonly AxisId[] = [
  'shimFront',
  'shimFrontNear',
  'shimFrontOff',
  'shimMiddle',
  'shimMiddleNear',
  'shimMiddleOff',
  'shimRear',
  'shimRearNear',
  'shimRearOff',
];

/** Everything a fitter can change, each in the steps it really has; what this saddle hasn't is left out. */
export function Controls({ state, saddle, rider, onChange, onSlide }: ControlsProps) {
  const can = (axis: AxisId): boolean =>
    stepSetup(saddle, state.setup, axis, 1) !== null || stepSetup(saddle, state.setup, axis, -1) !== null;
  const rows = (axes: readonly AxisId[]) =>
    axes
      .filter(can)
      .map((axis) => (
        <AxisRow key={axis} axis={axis} saddle={saddle} setup={state.setup} onSetup={(setup) => onChange({ ...state, setup })} />
      ));
  const [filling, shims] = [rows(FILLING), rows(SHIMS)];
  return (
    <YStack>
      {rows(FIRST.slice(0, 2))}
      <PlaceRail
        placeMm={state.setup.placeMm}
        lengthMm={saddle.build.frame.lengthMm}
        onDrag={onSlide}
        onLetGo={(placeMm) => onChange({ ...state, setup: { ...state.setup, placeMm } })}
      />
      {rows(FIRST.slice(2))}
      <RiderRows state={state} rider={rider} onChange={onChange} />
      {filling.length > 0 ? (
        <Heading paddingTop="$m">Filling</Heading>
      ) : (
        <Small paddingTop="$m">This saddle’s filling can’t be adjusted.</Small>
      )}
      {filling}
      <Heading paddingTop="$m">Shims</Heading>
      {shims}
    </YStack>
  );
}

interface AxisRowProps {
  readonly axis: AxisId;
  readonly saddle: DescribedSaddle;
  readonly setup: SaddleSetup;
  readonly onSetup: (setup: SaddleSetup) => void;
}

function AxisRow({ axis, saddle, setup, onSetup }: AxisRowProps) {
  const [less, more] = [stepSetup(saddle, setup, axis, -1), stepSetup(saddle, setup, axis, 1)];
  return (
    <StepRow
      name={AXIS_WORDS[axis]}
      value={axisValue(saddle, setup, axis)}
      onLess={less === null ? null : () => onSetup(less)}
      onMore={more === null ? null : () => onSetup(more)}
    />
  );
}

interface StepRowProps {
  readonly name: string;
  readonly value: string;
  readonly onLess: (() => void) | null;
  readonly onMore: (() => void) | null;
}

export function StepRow({ name, value, onLess, onMore }: StepRowProps) {
  const palette = usePalette();
  return (
    <XStack
      alignItems="center"
      gap="$s"
      borderTopWidth={1}
      borderColor="$rule"
      paddingVertical="$xs"
      role="group"
      aria-label={`${name}: ${value}`}
    >
      <YStack flex={1} minWidth={0}>
        <Small>{name}</Small>
        <Strong numberOfLines={2}>{value}</Strong>
      </YStack>
      <Button round label={`${name}: less`} off={onLess === null} onPress={() => onLess?.()}>
        <Icon name="minus" color={palette.ink} size={22} />
      </Button>
      <Button round label={`${name}: more`} off={onMore === null} onPress={() => onMore?.()}>
        <Icon name="plus" color={palette.ink} size={22} />
      </Button>
    </XStack>
  );
}

const RIDER_STEPS = {
  massKg: 5,
  mostKg: 200,
  offsetMm: 10,
  mostOffsetMm: 60,
  alongMm: 10,
  mostAlongMm: 60,
  pullN: 20,
  mostPullN: 160,
} as const;

function RiderRows({ state, rider, onChange }: Pick<ControlsProps, 'state' | 'rider' | 'onChange'>) {
  const on = state.rider;
  const along = on?.alongMm ?? 0;
  const put = (change: Partial<RiderLoad>) => onChange({ ...state, rider: { ...(on ?? rider), ...change } });
  const step = (now: number, by: number, least: number, most: number, then: (v: number) => void) =>
    now + by < least || now + by > most ? null : () => then(now + by);
  return (
    <YStack borderTopWidth={1} borderColor="$rule" paddingTop="$s">
      <Labelled name="Rider">
        <Choice
          label="Rider"
          value={on === null ? 'off' : 'on'}
          options={[
            { value: 'on', label: 'up' },
            { value: 'off', label: 'nobody up' },
          ]}
          onChange={(v) => onChange({ ...state, rider: v === 'on' ? (on ?? rider) : null })}
        />
      </Labelled>
      {on === null ? null : (
        <>
          <StepRow
            name="Rider’s weight"
            value={`${on.massKg} kg`}
            onLess={step(on.massKg, -RIDER_STEPS.massKg, RIDER_STEPS.massKg, RIDER_STEPS.mostKg, (massKg) => put({ massKg }))}
            onMore={step(on.massKg, RIDER_STEPS.massKg, 0, RIDER_STEPS.mostKg, (massKg) => put({ massKg }))}
          />
          <StepRow
            name="Sits, across"
            value={on.offsetMm === 0 ? 'in the middle' : `${Math.abs(on.offsetMm)} mm to the ${on.offsetMm < 0 ? 'near' : 'off'}`}
            onLess={step(on.offsetMm, -RIDER_STEPS.offsetMm, -RIDER_STEPS.mostOffsetMm, 60, (offsetMm) => put({ offsetMm }))}
            onMore={step(on.offsetMm, RIDER_STEPS.offsetMm, -60, RIDER_STEPS.mostOffsetMm, (offsetMm) => put({ offsetMm }))}
          />
          <StepRow
            name="Sits, along"
            value={along === 0 ? 'over the lowest point' : `${Math.abs(along)} mm ${along < 0 ? 'ahead of' : 'behind'} it`}
            onLess={step(along, -RIDER_STEPS.alongMm, -RIDER_STEPS.mostAlongMm, RIDER_STEPS.mostAlongMm, (alongMm) => put({ alongMm }))}
            onMore={step(along, RIDER_STEPS.alongMm, -RIDER_STEPS.mostAlongMm, RIDER_STEPS.mostAlongMm, (alongMm) => put({ alongMm }))}
          />
          <Labelled name="Seat">
            <Choice
              label="Seat"
              value={String(on.stirrupShare) as '0.2'}
              options={SEATS}
              onChange={(v) => put({ stirrupShare: Number(v) })}
            />
          </Labelled>
          <Labelled name="Gait">
            <Choice
              label="Gait"
              value={on.gait}
              options={GAITS.map((value) => ({ value, label: GAIT_WORDS[value] }))}
              onChange={(gait) => put({ gait })}
            />
          </Labelled>
        </>
      )}
      <Labelled name="The horse">
        <Choice
          label="The horse"
          value={state.pose}
          options={BACK_POSES.map((value) => ({ value, label: POSE_WORDS[value] }))}
          onChange={(pose) => onChange({ ...state, pose })}
        />
      </Labelled>
      <StepRow
        name="Girth, pull of each strap"
        value={state.strapPullN === 0 ? 'undone' : `${state.strapPullN} N`}
        onLess={step(state.strapPullN, -RIDER_STEPS.pullN, 0, RIDER_STEPS.mostPullN, (strapPullN) => onChange({ ...state, strapPullN }))}
        onMore={step(state.strapPullN, RIDER_STEPS.pullN, 0, RIDER_STEPS.mostPullN, (strapPullN) => onChange({ ...state, strapPullN }))}
      />
    </YStack>
  );
}

const Labelled = ({ name, children }: { readonly name: string; readonly children: React.ReactNode }) => (
  <XStack alignItems="center" gap="$s" flexWrap="wrap">
    <Body color="$muted" minWidth={72}>
      {name}
    </Body>
    {children}
  </XStack>
);
