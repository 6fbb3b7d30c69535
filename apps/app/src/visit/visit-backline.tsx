import { router } from 'expo-router';
import { useState } from 'react';
import { YStack } from 'tamagui';
import { Backline, type Peg } from '../drawings/backline';
import { useMeasuredWidth } from '../drawings/use-measured-width';
import { type FrontMeasurement } from '../section/front-measurement';
import { Sheet } from '../ui/sheet';
import { Body } from '../ui/text';
import { useWide } from '../ui/use-wide';

/** What each waiting station will bring. */
const WILL_COME: Readonly<Record<Exclude<Peg['id'], 'front'>, readonly [title: string, text: string]>> = {
  base: [
    'Base of the withers',
    'Here the section 50 mm behind the front will show how fast the back widens under the front of the panel, and whether there is a hollow behind the shoulder.',
  ],
  low: [
    'Low point',
    'Here the lowest place of the back will say where the seat has to balance, and with the topline how much curve the tree needs.',
  ],
  lastRib: ['Last rib', 'Here the end of the ribs will say how long tree and panel may be.'],
};

export interface VisitBacklineProps {
  readonly visitId: string;
  readonly front: FrontMeasurement;
  readonly at?: Peg['id'];
}

/** The backline as it heads every screen of a visit; only the front is alive so far. */
export function VisitBackline({ visitId, front, at }: VisitBacklineProps) {
  const [width, onLayout] = useMeasuredWidth();
  const [asked, setAsked] = useState<Exclude<Peg['id'], 'front'> | null>(null);
  const wide = useWide();
  const pegs: Peg[] = [
    { id: 'front', label: 'front', state: front.peg, here: at === 'front' },
    { id: 'base', label: 'base', state: 'open', here: false },
    { id: 'low', label: 'low', state: 'open', here: false },
    { id: 'lastRib', label: 'last rib', state: 'open', here: false },
  ];
  const press = (id: Peg['id']) => (id === 'front' ? router.navigate(`/visits/${visitId}/front`) : setAsked(id));
  const [title, text] = asked === null ? ['', ''] : WILL_COME[asked];
  return (
    <YStack onLayout={onLayout} borderBottomWidth={1} borderColor="$rule">
      {width > 0 ? <Backline widthPx={width} heightPx={wide ? 150 : 118} pegs={pegs} onPeg={press} /> : null}
      <Sheet title={title} open={asked !== null} onClose={() => setAsked(null)}>
        <Body>Not measured in this version. {text}</Body>
      </Sheet>
    </YStack>
  );
}
