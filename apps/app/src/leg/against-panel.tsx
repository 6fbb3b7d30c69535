import { type Saddle } from '@fulcra/contract';
import { type Purpose, holesBetween, purposePlans } from '@fulcra/core';
import { useMemo } from 'react';
import { usePracticeSettings } from '../platform/use-views';
import { Body, Small } from '../ui/text';
import { LEG_PHRASES } from '../words/leg-phrases';
import { PURPOSE_WORDS } from '../words/riders-phrases';
import { groundUnder, saddleThere } from './leg-ground';
import { Panel } from './panel';
import { Picker } from './picker';
import { type Leg, type LegChosen, loadOf } from './use-leg';

interface OnOtherSaddle {
  readonly purpose: Purpose;
  /** + longer there; null where no pair was measured. */
  readonly holes: number | null;
  readonly mm: number;
}

/** The same rider on another saddle of the stock: how many holes to move for each purpose. */
function useOnOtherSaddle(leg: Leg, { horse, known, pair }: LegChosen, other: Saddle | null): OnOtherSaddle[] {
  const habits = usePracticeSettings().rider;
  const { body, foot, plans, offLongerMm } = leg;
  return useMemo(() => {
    if (other === null) return [];
    const ground = groundUnder(saddleThere(horse, other, loadOf(known)), body).ground;
    const purposes = plans.map((p) => p.purpose);
    const theirs = purposePlans({ body, foot, ground, purposes, bands: habits.bands[habits.bandSet], pair, offLongerMm });
    return theirs.flatMap((there, i) => {
      const here = plans[i]!;
      if (!there.place.ok || !here.place.ok) return [];
      const holes = there.holes === null || here.holes === null ? null : holesBetween(here.holes, there.holes);
      return [{ purpose: there.purpose, holes, mm: there.place.value.hangMm - here.place.value.hangMm }];
    });
  }, [other, horse, known, body, foot, plans, habits, pair, offLongerMm]);
}

export const otherSaddle = ({ saddles, picked, saddle }: LegChosen): Saddle | null =>
  saddles.find((s) => s.id === picked.againstId && s.id !== saddle?.id) ?? null;

export function AgainstPanel({ leg, chosen }: { readonly leg: Leg; readonly chosen: LegChosen }) {
  const other = otherSaddle(chosen);
  return (
    <Panel title={LEG_PHRASES.againstTitle}>
      <Picker
        label={LEG_PHRASES.againstTitle}
        value={other?.name ?? LEG_PHRASES.none}
        options={chosen.saddles.filter((s) => s.id !== chosen.saddle?.id).map((s) => ({ id: s.id, name: s.name }))}
        onPick={(againstId) => chosen.pick({ againstId })}
      />
      {other === null ? <Small>{LEG_PHRASES.againstNone}</Small> : <OtherMoves leg={leg} chosen={chosen} />}
    </Panel>
  );
}

/** Holes to move on the other saddle, a line for each purpose; nothing where none is picked. */
export function OtherMoves({ leg, chosen }: { readonly leg: Leg; readonly chosen: LegChosen }) {
  return useOnOtherSaddle(leg, chosen, otherSaddle(chosen)).map(({ purpose, holes, mm }) => (
    <Body key={purpose}>{LEG_PHRASES.againstMove(PURPOSE_WORDS[purpose], holes, mm)}</Body>
  ));
}
