import { type Rider, OLD_INJURIES, UNEVEN_LIMITS } from '@fulcra/contract';
import { PURPOSES } from '@fulcra/core';
import { useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { ChipGroup, toggled } from '../ui/chip-group';
import { Field } from '../ui/field';
import { Sheet } from '../ui/sheet';
import { Stepper } from '../ui/stepper';
import { Body, Heading, Small } from '../ui/text';
import { INJURY_WORDS, PURPOSE_WORDS, RIDERS_PHRASES } from '../words/riders-phrases';
import { readLength } from '../words/typed-length';

export interface RiderPart {
  readonly rider: Rider;
  readonly change: (change: Partial<Rider>) => void;
}

/** What for, and what hurts. */
export function WaysPart({ rider, change }: RiderPart) {
  return (
    <YStack gap="$s">
      <Heading>{RIDERS_PHRASES.rideFor}</Heading>
      <ChipGroup
        label={RIDERS_PHRASES.rideFor}
        options={PURPOSES}
        words={PURPOSE_WORDS}
        on={rider.purposes}
        onPress={(p) => change({ purposes: toggled(rider.purposes, p) })}
      />
      <Heading>{RIDERS_PHRASES.oldInjuries}</Heading>
      <ChipGroup
        label={RIDERS_PHRASES.oldInjuries}
        options={OLD_INJURIES}
        words={INJURY_WORDS}
        on={rider.injuries}
        onPress={(i) => change({ injuries: toggled(rider.injuries, i) })}
      />
      {rider.injuries.length === 0 ? null : <Small>{RIDERS_PHRASES.injuryHint}</Small>}
    </YStack>
  );
}

/** Legs of different length, and leathers that are uneven because somebody answers for it. */
export function LegsPart({ rider, change }: RiderPart) {
  const [asking, setAsking] = useState(false);
  const { offLegLongerMm, uneven } = rider;
  return (
    <YStack gap="$s">
      <Heading>{RIDERS_PHRASES.legsDiffer}</Heading>
      <XStack>
        <Stepper
          label={RIDERS_PHRASES.offLonger}
          unit="mm"
          value={offLegLongerMm}
          step={1}
          decimals={0}
          least={-80}
          onChange={(mm) => change({ offLegLongerMm: Math.min(80, mm) })}
        />
      </XStack>
      {offLegLongerMm === null ? null : <Small>{RIDERS_PHRASES.legsAsMeasured(offLegLongerMm)}</Small>}
      <Small>{RIDERS_PHRASES.neverUneven}</Small>
      {uneven === null ? (
        <Button kind="quiet" label={RIDERS_PHRASES.leaveUneven} onPress={() => setAsking(true)} />
      ) : (
        <Banner tone="lookOut">
          <Body>{RIDERS_PHRASES.unevenBy(uneven.offLongerMm, uneven.by)}</Body>
          <Small>{uneven.reason}</Small>
          <Button kind="quiet" label={RIDERS_PHRASES.evenAgain} onPress={() => change({ uneven: null })} />
        </Banner>
      )}
      <Sheet title={RIDERS_PHRASES.leaveUneven} open={asking} onClose={() => setAsking(false)}>
        <Uneven
          onKeep={(kept) => {
            change({ uneven: kept });
            setAsking(false);
          }}
        />
      </Sheet>
    </YStack>
  );
}

/** It takes a number, a person and a reason. */
export function Uneven({ onKeep }: { readonly onKeep: (uneven: NonNullable<Rider['uneven']>) => void }) {
  const [mm, setMm] = useState('');
  const [by, setBy] = useState('');
  const [reason, setReason] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const keep = (): void => {
    const offLongerMm = readLength(mm);
    const read = offLongerMm !== null && Math.abs(offLongerMm) <= UNEVEN_LIMITS.mostMm;
    if (!read || by.trim() === '' || reason.trim().length < UNEVEN_LIMITS.leastReason) setProblem(RIDERS_PHRASES.unevenNeeds);
    else onKeep({ offLongerMm, by: by.trim(), reason: reason.trim() });
  };
  return (
    <>
      <Field label={RIDERS_PHRASES.howMuchLonger} value={mm} onChange={setMm} />
      <Field label={RIDERS_PHRASES.whoSays} value={by} onChange={setBy} />
      <Field label={RIDERS_PHRASES.whyUneven} value={reason} onChange={setReason} lines={2} problem={problem} />
      <Button kind="main" label={RIDERS_PHRASES.keepUneven} onPress={keep} />
    </>
  );
}
