import { type Leather, type LeatherTakeFields, HANG_LIMITS_MM } from '@fulcra/contract';
import { LEATHER_WAYS, type LeatherWay, foldUpTake } from '@fulcra/core';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { dayNow } from '../platform/clock';
import { useSession } from '../platform/session-context';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Stepper } from '../ui/stepper';
import { Small } from '../ui/text';
import { ToggleChip } from '../ui/toggle-chip';
import { LEATHERS_PHRASES, WAY_WORDS } from '../words/leathers-phrases';

const WAYS = LEATHER_WAYS.map((value) => ({ value, label: WAY_WORDS[value] }));
interface Typed {
  readonly nearHole: number;
  readonly offHole: number;
  readonly nearMm: number | null;
  readonly offMm: number | null;
  readonly longerMm: number;
  readonly second: { readonly hole: number; readonly hangMm: number | null } | null;
}
export type TakeTyped = Pick<LeatherTakeFields, 'way' | 'near' | 'off' | 'second'>;

/** @returns the take as it is meant; null where a number is missing or no leather's */
export function readTake(way: LeatherWay, { nearHole, offHole, nearMm, offMm, longerMm, second }: Typed, holes: number): TakeTyped | null {
  if (nearMm === null) return null;
  const near = { hole: nearHole, hangMm: nearMm };
  const read: TakeTyped | null =
    way === 'foldUp'
      ? { ...foldUpTake(near, longerMm) }
      : offMm === null || (second !== null && second.hangMm === null)
        ? null
        : {
            way,
            near,
            off: { hole: offHole, hangMm: offMm },
            second: second === null ? null : { hole: second.hole, hangMm: second.hangMm! },
          };
  if (read === null) return null;
  const inside = (p: { readonly hole: number; readonly hangMm: number } | null): boolean =>
    p === null || (p.hole >= 1 && p.hole <= holes && p.hangMm >= HANG_LIMITS_MM.least && p.hangMm <= HANG_LIMITS_MM.most);
  return [read.near, read.off, read.second].every(inside) ? read : null;
}

export interface TakeFormProps {
  readonly leather: Leather;
  readonly onKeep: (take: LeatherTakeFields) => Promise<void>;
}

/** True hang of both sides under the same pull, or the two folded up beside each other. */
export function TakeForm({ leather, onKeep }: TakeFormProps) {
  const { session } = useSession();
  const [way, setWay] = useState<LeatherWay>('hang');
  const middle = Math.max(1, Math.ceil(leather.holes / 2));
  const [typed, setTyped] = useState<Typed>({ nearHole: middle, offHole: middle, nearMm: null, offMm: null, longerMm: 0, second: null });
  const [problem, setProblem] = useState(false);
  const put = (change: Partial<Typed>) => setTyped({ ...typed, ...change });
  const keep = () => {
    const read = readTake(way, typed, leather.holes);
    setProblem(read === null);
    if (read !== null) void onKeep({ ...read, leatherId: leather.id, takenOn: dayNow(), hand: session.person.name, withdrawn: false });
  };
  return (
    <YStack gap="$m">
      <Choice label={LEATHERS_PHRASES.measure} value={way} options={WAYS} onChange={setWay} />
      <Small>{way === 'hang' ? LEATHERS_PHRASES.wayHang : LEATHERS_PHRASES.wayFold}</Small>
      <XStack>
        <Hole label={LEATHERS_PHRASES.nearHole} tone="near" value={typed.nearHole} onChange={(nearHole) => put({ nearHole })} />
        <Hang label={LEATHERS_PHRASES.nearHang} tone="near" value={typed.nearMm} onChange={(nearMm) => put({ nearMm })} />
      </XStack>
      {way === 'foldUp' ? (
        <XStack>
          <Stepper
            label={LEATHERS_PHRASES.offLonger}
            tone="off"
            unit="mm"
            value={typed.longerMm}
            step={1}
            decimals={0}
            least={-200}
            onChange={(longerMm) => put({ longerMm })}
          />
        </XStack>
      ) : (
        <>
          <XStack>
            <Hole label={LEATHERS_PHRASES.offHole} tone="off" value={typed.offHole} onChange={(offHole) => put({ offHole })} />
            <Hang label={LEATHERS_PHRASES.offHang} tone="off" value={typed.offMm} onChange={(offMm) => put({ offMm })} />
          </XStack>
          <Second typed={typed} put={put} holes={leather.holes} />
        </>
      )}
      {problem ? <Banner tone="bad">{LEATHERS_PHRASES.needsTake}</Banner> : null}
      <Button kind="main" label={LEATHERS_PHRASES.keepTake} onPress={keep} />
    </YStack>
  );
}

function Second({ typed, put, holes }: { readonly typed: Typed; readonly put: (change: Partial<Typed>) => void; readonly holes: number }) {
  const { second, nearHole } = typed;
  const start = { hole: Math.min(holes, nearHole + 4), hangMm: null };
  return (
    <YStack gap="$s">
      <ToggleChip
        label={LEATHERS_PHRASES.withSecond}
        on={second !== null}
        onPress={() => put({ second: second === null ? start : null })}
      />
      {second === null ? null : (
        <XStack>
          <Hole
            label={LEATHERS_PHRASES.secondHole}
            tone="near"
            value={second.hole}
            onChange={(hole) => put({ second: { ...second, hole } })}
          />
          <Hang
            label={LEATHERS_PHRASES.secondHang}
            tone="near"
            value={second.hangMm}
            onChange={(hangMm) => put({ second: { ...second, hangMm } })}
          />
        </XStack>
      )}
    </YStack>
  );
}

interface NumberProps<T> {
  readonly label: string;
  readonly tone: 'near' | 'off';
  readonly value: T;
  readonly onChange: (value: number) => void;
}

const Hole = ({ label, tone, value, onChange }: NumberProps<number>) => (
  <Stepper label={label} tone={tone} unit="" value={value} step={1} decimals={0} least={1} onChange={(v) => onChange(Math.round(v))} />
);
const Hang = ({ label, tone, value, onChange }: NumberProps<number | null>) => (
  <Stepper label={label} tone={tone} unit="mm" value={value} step={1} decimals={0} onChange={onChange} />
);
