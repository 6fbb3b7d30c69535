import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';
import { type AxisId, type DescribedSaddle, type RiderLoad, type SaddleSetup, BACK_POSES, GAITS, stepSetup } from '@fulcra/core';
import { XStack, YStack } from 'tamagui';
import { Button } from '../../ui/button';
import { Choice } from '../../ui/choice';
import { Icon } from '../../ui/icons';
import { Body, Heading, Small, Strong } from '../../ui/text';
import { usePalette } from '../../ui/use-palette';
import { AXIS_WORDS, GAIT_WORDS, POSE_WORDS, axisValue } from '../../words/setup-words';
import { PlaceRail } from './place-rail';
import { RealRider } from './real-rider';
import { type RealLoads } from '../model/real-load';
import { type RoomState, SEATS } from '../model/room-state';

export interface ControlsProps {
  readonly state: RoomState;
  readonly saddle: DescribedSaddle;
  /** What a rider of this horse weighs; the load to begin with when someone gets on. */
  readonly rider: RiderLoad;
  /** A rider as the leg on the saddle has it; null while nobody came from there. */
  readonly real: RealLoads | null;
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
export function Controls({ state, saddle, rider, real, onChange, onSlide }: ControlsProps) {
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
      <RiderRows state={state} rider={rider} real={real} onChange={onChange} />
      {filling.length > 0 ? (
        <Heading paddingTop="$m">{FIT_ROOM_PHRASES.filling}</Heading>
      ) : (
        <Small paddingTop="$m">{FIT_ROOM_PHRASES.thisSaddlesFilling}</Small>
      )}
      {filling}
      <Heading paddingTop="$m">{FIT_ROOM_PHRASES.shims}</Heading>
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

function StepRow({ name, value, onLess, onMore }: StepRowProps) {
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
      <Button round label={FIT_ROOM_PHRASES.less(name)} off={onLess === null} onPress={() => onLess?.()}>
        <Icon name="minus" color={palette.ink} size={22} />
      </Button>
      <Button round label={FIT_ROOM_PHRASES.more(name)} off={onMore === null} onPress={() => onMore?.()}>
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

/** One step down or up, where it stays within what is sensible. */
const step = (now: number, by: number, least: number, most: number, then: (v: number) => void): (() => void) | null =>
  now + by < least || now + by > most ? null : () => then(now + by);

function RiderRows({ state, rider, real, onChange }: Pick<ControlsProps, 'state' | 'rider' | 'real' | 'onChange'>) {
  const on = state.rider;
  const { pullN, mostPullN } = RIDER_STEPS;
  const putPull = (strapPullN: number) => onChange({ ...state, strapPullN });
  return (
    <YStack borderTopWidth={1} borderColor="$rule" paddingTop="$s">
      <Labelled name={FIT_ROOM_PHRASES.rider}>
        <Choice
          label={FIT_ROOM_PHRASES.rider}
          value={on === null ? 'off' : 'on'}
          options={RIDER_UP}
          onChange={(v) => onChange({ ...state, rider: v === 'on' ? (on ?? rider) : null })}
        />
      </Labelled>
      {on === null || real === null ? null : <RealRider real={real} on={on} put={(load) => onChange({ ...state, rider: load })} />}
      {on === null ? null : <RiderUp on={on} put={(change) => onChange({ ...state, rider: { ...on, ...change } })} />}
      <Labelled name={FIT_ROOM_PHRASES.theHorse}>
        <Choice label={FIT_ROOM_PHRASES.theHorse} value={state.pose} options={POSES} onChange={(pose) => onChange({ ...state, pose })} />
      </Labelled>
      <StepRow
        name={FIT_ROOM_PHRASES.girthPullOf}
        value={state.strapPullN === 0 ? 'undone' : `${state.strapPullN} N`}
        onLess={step(state.strapPullN, -pullN, 0, mostPullN, putPull)}
        onMore={step(state.strapPullN, pullN, 0, mostPullN, putPull)}
      />
    </YStack>
  );
}

const RIDER_UP = [
  { value: 'on', label: FIT_ROOM_PHRASES.up },
  { value: 'off', label: FIT_ROOM_PHRASES.nobodyUp },
] as const;
const POSES = BACK_POSES.map((value) => ({ value, label: POSE_WORDS[value] }));
const GAIT_CHOICES = GAITS.map((value) => ({ value, label: GAIT_WORDS[value] }));

/** The rider's weight and where it comes down. */
function RiderUp({ on, put }: { readonly on: RiderLoad; readonly put: (change: Partial<RiderLoad>) => void }) {
  const { massKg, mostKg, offsetMm, mostOffsetMm, alongMm, mostAlongMm } = RIDER_STEPS;
  const along = on.alongMm ?? 0;
  const row = (
    name: string,
    value: string,
    now: number,
    by: number,
    [least, most]: readonly [number, number],
    then: (v: number) => void,
  ) => <StepRow name={name} value={value} onLess={step(now, -by, least, most, then)} onMore={step(now, by, least, most, then)} />;
  return (
    <>
      {row(FIT_ROOM_PHRASES.ridersWeight, FIT_ROOM_PHRASES.kg(on.massKg), on.massKg, massKg, [massKg, mostKg], (v) => put({ massKg: v }))}
      {row(FIT_ROOM_PHRASES.sitsAcross, acrossWords(on.offsetMm), on.offsetMm, offsetMm, [-mostOffsetMm, mostOffsetMm], (v) =>
        put({ offsetMm: v }),
      )}
      {row(FIT_ROOM_PHRASES.sitsAlong, alongWords(along), along, alongMm, [-mostAlongMm, mostAlongMm], (v) => put({ alongMm: v }))}
      <Labelled name={FIT_ROOM_PHRASES.seat}>
        <Choice
          label={FIT_ROOM_PHRASES.seat}
          value={String(on.stirrupShare) as '0.2'}
          options={SEATS}
          onChange={(v) => put({ stirrupShare: Number(v) })}
        />
      </Labelled>
      <Labelled name={FIT_ROOM_PHRASES.gait}>
        <Choice label={FIT_ROOM_PHRASES.gait} value={on.gait} options={GAIT_CHOICES} onChange={(gait) => put({ gait })} />
      </Labelled>
    </>
  );
}

const acrossWords = (mm: number): string =>
  mm === 0 ? FIT_ROOM_PHRASES.inTheMiddle : FIT_ROOM_PHRASES.mmToThe(Math.abs(mm), mm < 0 ? 'near' : 'off');
const alongWords = (mm: number): string =>
  mm === 0 ? FIT_ROOM_PHRASES.overTheLowest : FIT_ROOM_PHRASES.mmIt(Math.abs(mm), mm < 0 ? FIT_ROOM_PHRASES.aheadOf : 'behind');

const Labelled = ({ name, children }: { readonly name: string; readonly children: React.ReactNode }) => (
  <XStack alignItems="center" gap="$s" flexWrap="wrap">
    <Body color="$muted" minWidth={72}>
      {name}
    </Body>
    {children}
  </XStack>
);
