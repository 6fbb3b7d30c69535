import { BACK_PHRASES } from '../words/back-phrases';
import { type HorseTracings } from '@fulcra/contract';
import {
  SECTION_STATIONS,
  type Section,
  type SectionStation,
  measuredTakes,
  mostChanged,
  sectionChange,
  sectionMeasurement,
} from '@fulcra/core';
import { useMemo, useState } from 'react';
import Svg from 'react-native-svg';
import { XStack, YStack } from 'tamagui';
import { MillimetreGrid } from '../drawings/millimetre-grid';
import { paperScale, reachOf } from '../drawings/paper-scale';
import { SectionLines, SideNames } from '../drawings/section-lines';
import { useMeasuredWidth } from '../drawings/use-measured-width';
import { useHorse, useTracings } from '../platform/use-views';
import { Choice } from '../ui/choice';
import { EmptyState } from '../ui/empty-state';
import { Body, Small, Strong } from '../ui/text';
import { usePalette } from '../ui/use-palette';
import { FIELD_WORDS, valueWords } from '../words/intake-words';
import { changeWords, dayWords } from '../words/measure-words';
import { STATION_WORDS } from '../words/station-words';
import { TrendLines } from './trend-lines';

interface Stage {
  readonly visitId: string;
  readonly on: string;
  readonly section: Section;
}

/** Outlines of one station stacked over the visits, at first of the one that changed most, with a slider through time and what each side gained or lost. */
export function ChangeOverTime({ horseId, visitId }: { readonly horseId: string; readonly visitId: string }) {
  const tracings = useTracings(horseId).data;
  const [picked, setPicked] = useState<SectionStation | null>(null);
  const [chosen, setChosen] = useState<number | null>(null);
  const all = useMemo(() => SECTION_STATIONS.map((s) => ({ station: s, stages: stagesOf(tracings ?? [], s) })), [tracings]);
  const changed = useMemo(() => mostChanged(all.map((s) => ({ station: s.station, sections: s.stages.map((t) => t.section) }))), [all]);
  const measured = all.filter((s) => s.stages.length > 0).map((s) => s.station);
  const station = picked ?? changed ?? 'front';
  const { stages } = all.find((s) => s.station === station)!;
  const own = stages.findIndex((s) => s.visitId === visitId);
  const at = Math.min(stages.length - 1, chosen ?? (own < 0 ? stages.length - 1 : own));
  return (
    <YStack gap="$m">
      <Choice
        label={BACK_PHRASES.station}
        value={station}
        options={measured.map((value) => ({ value, label: STATION_WORDS[value].peg }))}
        onChange={(next) => {
          setPicked(next);
          setChosen(null);
        }}
      />
      {stages.length < 2 ? (
        <EmptyState
          title={BACK_PHRASES.nothingToCompare}
          text={BACK_PHRASES.theOfTwo(STATION_WORDS[station].name.toLowerCase(), stages.length === 1 ? BACK_PHRASES.thereIsOne : '')}
        />
      ) : (
        <>
          <Stages stages={stages} at={at} onMove={setChosen} />
          <SaidThen horseId={horseId} on={stages[at]!.on} />
        </>
      )}
    </YStack>
  );
}

/** Weight and work as they were said by that day. */
function SaidThen({ horseId, on }: { readonly horseId: string; readonly on: string }) {
  const said = (useHorse(horseId).data?.said ?? []).filter((f) => f.on <= on);
  const last = (['weightKg', 'work'] as const).flatMap((field) => said.findLast((f) => f.field === field) ?? []);
  if (last.length === 0) return null;
  return <Small>{last.map((f) => `${FIELD_WORDS[f.field]}: ${valueWords(f.field, f.value)} (${dayWords(f.on)})`).join(' · ')}</Small>;
}

/** Visits in which this station has takes that agree, oldest first. */
const stagesOf = (tracings: HorseTracings, station: SectionStation): Stage[] =>
  tracings.flatMap(({ visitId, startedOn, takes }) => {
    const section = sectionMeasurement(measuredTakes(takes), station, 0).consensus;
    return section === null ? [] : [{ visitId, on: startedOn, section }];
  });

function Stages({
  stages,
  at,
  onMove,
}: {
  readonly stages: readonly Stage[];
  readonly at: number;
  readonly onMove: (index: number) => void;
}) {
  const [width, onLayout] = useMeasuredWidth();
  const palette = usePalette();
  const scale = paperScale(width || 1, 300, reachOf(stages.flatMap((s) => s.section.points)));
  const now = stages[at]!;
  return (
    <YStack gap="$s" onLayout={onLayout}>
      {width === 0 ? null : (
        <Svg
          width={width}
          height={300}
          role="img"
          aria-label={BACK_PHRASES.outlinesOfVisits(stages.length, dayWords(now.on))}
          style={{ backgroundColor: palette.sheet }}
        >
          <MillimetreGrid scale={scale} palette={palette} />
          {stages.map((s, i) =>
            i === at ? null : <SectionLines key={s.visitId} section={s.section} scale={scale} palette={palette} weight="take" />,
          )}
          <SectionLines section={now.section} scale={scale} palette={palette} />
          <SideNames scale={scale} palette={palette} />
        </Svg>
      )}
      <XStack alignItems="center" gap="$m">
        <Small>{dayWords(stages[0]!.on)}</Small>
        <input
          type="range"
          min={0}
          max={stages.length - 1}
          step={1}
          value={at}
          aria-label={BACK_PHRASES.visitShown}
          aria-valuetext={dayWords(now.on)}
          onChange={(event) => onMove(Number(event.target.value))}
          style={{ flex: 1, height: 48, accentColor: palette.action }}
        />
        <Small>{dayWords(stages.at(-1)!.on)}</Small>
      </XStack>
      <Strong>{dayWords(now.on)}</Strong>
      {at > 0 ? <Change from={stages[at - 1]!} to={now} /> : <Body color="$muted">{BACK_PHRASES.theFirstOne}</Body>}
      {at > 1 ? <Change from={stages[0]!} to={now} /> : null}
      <TrendLines stages={stages} />
    </YStack>
  );
}

function Change({ from, to }: { readonly from: Stage; readonly to: Stage }) {
  const change = sectionChange(from.section, to.section);
  return (
    <YStack borderTopWidth={1} borderColor="$rule" paddingTop="$xs">
      <Small>{BACK_PHRASES.sinceDownTo(dayWords(from.on), Math.round(change.depthMm))}</Small>
      {(['near', 'off'] as const).map((side) => {
        const { areaCm2, areaShare, angleDeg } = change[side];
        return (
          <Body key={side} color={`$${side}`}>
            {BACK_PHRASES.cm(
              side === 'near' ? BACK_PHRASES.nNear : BACK_PHRASES.offO,
              changeWords(areaCm2, 1),
              changeWords(areaShare * 100, 0),
              angleDeg === null ? '' : BACK_PHRASES.flatter(changeWords(angleDeg, 1)),
            )}
          </Body>
        );
      })}
    </YStack>
  );
}
