import { type SaddleFields } from '@fulcra/contract';
import { type SaddleSeatMeasure, SEAT_DEFAULTS_MM, SEAT_LIMITS_MM, SEAT_MEASURES } from '@fulcra/core';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { Button } from '../ui/button';
import { inPersonUnit } from '../ui/in-person-unit';
import { NumberPad } from '../ui/number-pad';
import { Stepper } from '../ui/stepper';
import { Body, Heading, Small, Strong } from '../ui/text';
import { SADDLES_PHRASES } from '../words/saddles-phrases';
import { SEAT_WORDS } from '../words/seat-words';

export interface SeatRowsProps {
  readonly seat: SaddleFields['seat'];
  readonly onChange: (seat: SaddleFields['seat']) => void;
}

/** The pad has no minus: what may be less than nothing is stepped. */
const STEPPED: SaddleSeatMeasure = 'offBarLowerMm';
const TYPED = SEAT_MEASURES.filter((m) => m !== STEPPED);

/** Seat, flap and bars: what nobody measured stays unknown, and says what is taken instead. */
export function SeatRows({ seat, onChange }: SeatRowsProps) {
  const [here, setHere] = useState<SaddleSeatMeasure | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const take = (measure: SaddleSeatMeasure, mm: number): void => {
    const [least, most] = SEAT_LIMITS_MM[measure];
    const fits = mm >= least && mm <= most;
    setProblem(fits ? null : SADDLES_PHRASES.seatOutside(SEAT_WORDS[measure].name, least, most));
    if (fits) onChange({ ...seat, [measure]: mm });
  };
  return (
    <YStack gap="$xs">
      <Heading>{SADDLES_PHRASES.seatAndFlap}</Heading>
      <Small>{here === null ? SADDLES_PHRASES.seatFor : SEAT_WORDS[here].how}</Small>
      {problem === null ? null : (
        <Small role="alert" color="$bad">
          ▲ {problem}
        </Small>
      )}
      {TYPED.map((measure) => (
        <SeatRow
          key={measure}
          measure={measure}
          value={seat[measure]}
          here={here === measure}
          onPress={() => setHere(measure)}
          onClear={() => onChange({ ...seat, [measure]: null })}
        />
      ))}
      <BarsLevel seat={seat} onChange={onChange} />
      {TYPED.map((measure) => (
        <NumberPad
          key={measure}
          title={SEAT_WORDS[measure].name}
          open={here === measure}
          start={shownOf(seat[measure]).start}
          onClose={() => setHere(null)}
          onDone={(typed) => take(measure, shownOf(null).kept(typed))}
        />
      ))}
    </YStack>
  );
}

const shownOf = (mm: number | null) => inPersonUnit(mm, 'mm', 0);

interface SeatRowProps {
  readonly measure: SaddleSeatMeasure;
  readonly value: number | null;
  readonly here: boolean;
  readonly onPress: () => void;
  readonly onClear: () => void;
}

function SeatRow({ measure, value, here, onPress, onClear }: SeatRowProps) {
  const { name } = SEAT_WORDS[measure];
  const assumed = measure in SEAT_DEFAULTS_MM ? SEAT_DEFAULTS_MM[measure as keyof typeof SEAT_DEFAULTS_MM] : null;
  const unknown = assumed === null ? SADDLES_PHRASES.seatUnknown : SADDLES_PHRASES.seatAssumed(assumed);
  return (
    <XStack alignItems="center" borderTopWidth={1} borderColor={here ? '$action' : '$rule'} gap="$xs" role="group" aria-label={name}>
      <Body flex={1}>{name}</Body>
      {value === null ? null : (
        <Button kind="quiet" tight label={SADDLES_PHRASES.seatClear(name)} onPress={onClear}>
          <Small>{SADDLES_PHRASES.clear}</Small>
        </Button>
      )}
      <Button kind="quiet" tight label={SADDLES_PHRASES.typeSeat(name)} onPress={onPress}>
        {value === null ? <Small>{unknown}</Small> : <Strong>{SADDLES_PHRASES.mmOf(value)}</Strong>}
      </Button>
    </XStack>
  );
}

function BarsLevel({ seat, onChange }: SeatRowsProps) {
  const [least, most] = SEAT_LIMITS_MM[STEPPED];
  return (
    <YStack borderTopWidth={1} borderColor="$rule" paddingVertical="$xs">
      <XStack>
        <Stepper
          label={SEAT_WORDS[STEPPED].name}
          unit="mm"
          value={seat[STEPPED]}
          step={1}
          decimals={0}
          least={least}
          onChange={(mm) => onChange({ ...seat, [STEPPED]: Math.min(most, mm) })}
        />
      </XStack>
      <Small>{SEAT_WORDS[STEPPED].how}</Small>
    </YStack>
  );
}
