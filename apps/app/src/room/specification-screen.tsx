import { type Saddle, type TriedOnVisit, chosenSettingOf } from '@fulcra/contract';
import { archOfSetting, bodyFrom, neutralWidth, presentSetup, schoolById, sit, STRAP_PULL_N } from '@fulcra/core';
import { router } from 'expo-router';
import { useMemo } from 'react';
import { XStack, YStack } from 'tamagui';
import { useSaddles } from '../sync/use-views';
import { Banner } from '../ui/banner';
import { Button } from '../ui/button';
import { EmptyState } from '../ui/empty-state';
import { LoadState } from '../ui/load-state';
import { Screen } from '../ui/screen';
import { Body, Heading, Name, Small, Strong } from '../ui/text';
import { useVisitPage, type LoadedVisit } from '../visit/use-visit-page';
import { SHAPE_WORDS } from '../words/verdict-words';
import { STATE_WORDS, padWords, strapsWords } from '../words/setup-words';
import { sitNumber } from '../words/sit-number';
import { SIT_WORDS } from '../words/sit-words';
import { SIT_CRITERIA } from '@fulcra/core';
import { bodyInputOf } from './body-of-visit';
import { describedOf } from './room-state';
import { ThumbMap } from './tried-list';

/** What the workshop or the maker is told: neutral measures first, the maker's own labels where they are known. */
export function SpecificationScreen({ visitId }: { readonly visitId: string }) {
  const { loaded, problem } = useVisitPage(visitId);
  const saddles = useSaddles();
  if (loaded === null) return <LoadState problem={problem} />;
  if (saddles.data === null) return <LoadState problem={saddles.problem} />;
  const choice = chosenSettingOf(loaded.page.facts);
  const saddle = saddles.data.find((s) => s.id === choice?.tried.saddleId);
  const back = () => router.navigate(`/visits/${visitId}/room`);
  if (choice === null || saddle === undefined) {
    return (
      <Screen title={loaded.page.horse.name} note="Specification" onBack={back}>
        <EmptyState
          title="Nothing chosen yet."
          text="Keep what you try in the fit room, then choose one of them; its specification is written here."
        >
          <Button kind="main" label="To the fit room" onPress={back} />
        </EmptyState>
      </Screen>
    );
  }
  return <Specification visitId={visitId} loaded={loaded} tried={choice.tried} saddle={saddle} />;
}

interface SpecificationProps {
  readonly visitId: string;
  readonly loaded: LoadedVisit;
  readonly tried: TriedOnVisit;
  readonly saddle: Saddle;
}

function Specification({ visitId, loaded, tried, saddle }: SpecificationProps) {
  const { page, measured } = loaded;
  const lines = useMemo(() => specificationLines(saddle, tried), [saddle, tried]);
  const sits = useMemo(() => {
    const body = bodyFrom(bodyInputOf(measured, page.facts));
    if (!body.ok) return null;
    const outcome = sit({
      body: body.value,
      saddle: describedOf(saddle),
      setup: tried.setup,
      rider: tried.rider,
      pose: tried.pose,
      strapPullN: STRAP_PULL_N,
    });
    return outcome.ok ? outcome.value : null;
  }, [measured, page.facts, saddle, tried]);
  const held = measured.hold.state === 'held';
  return (
    <Screen
      narrow
      title={page.horse.name}
      note={`Specification, ${page.visit.startedOn}`}
      onBack={() => router.navigate(`/visits/${visitId}/room`)}
      bottom={
        <>
          <Button label="Templates" onPress={() => router.push(`/visits/${visitId}/template`)} />
          <Button grow kind="main" label="Print" onPress={() => window.print()} />
        </>
      }
    >
      {held ? (
        <Banner tone="bad">
          Something sore holds this visit. Nothing made from this sheet is good to ride before a named person clears it.
        </Banner>
      ) : null}
      {saddle.state === 'unsafe' ? (
        <Banner tone="bad">This saddle is noted as unsafe: do not ride in it until it is mended and checked.</Banner>
      ) : null}
      {saddle.state === 'notChecked' ? <Banner tone="lookOut">This saddle has not been checked for safety.</Banner> : null}
      <XStack gap="$m" alignItems="flex-start">
        <ThumbMap thumb={tried.thumb} />
        <YStack flex={1}>
          <Name>{saddle.name}</Name>
          <Small>
            {saddle.maker}; {saddle.whereabouts || 'place not noted'}; {STATE_WORDS[saddle.state]}
          </Small>
          <Small>
            Chosen by {tried.hand} under {schoolById(tried.schoolId as never).name}, version {tried.schoolVersion}; core {tried.coreVersion}
            .
          </Small>
        </YStack>
      </XStack>
      <Part title="To make or to set" lines={lines.make} />
      <Part title="To change from how it is now" lines={lines.change} empty="Nothing: it hangs in the stock as it should be." />
      <Part title="On the horse" lines={lines.horse} />
      {sits === null ? null : (
        <Part
          title="How it then sits"
          lines={[
            ['Over the withers, loaded', `${sits.withers.overMm?.toFixed(0) ?? '?'} mm`],
            ['Front, middle, rear third', sits.measures.thirds.map((t) => `${Math.round(100 * t)} %`).join(', ')],
            ['Mean and peak pressure', `${sits.measures.meanKPa.toFixed(1)} and ${sits.measures.peakKPa.toFixed(1)} kPa (screening)`],
            ['Drift', `${sits.drift.along.toFixed(2)} along, ${sits.drift.across.toFixed(2)} across`],
          ]}
        />
      )}
      <Part
        title="What still misses"
        lines={tried.missed.map((m) => [
          SIT_WORDS[m.id].name,
          `${m.value === null ? '' : sitNumber(m.id, SIT_CRITERIA[m.id].unit, m.value)}${m.stops ? ', refuses it' : ''}`,
        ])}
        empty="Nothing of this school’s list."
      />
      <Small>
        Templates at full scale, with a bar that proves it, are attached under “Templates”. A qualified fitter signs the fit; the maker’s
        own instructions win.
      </Small>
    </Screen>
  );
}

type Line = readonly [string, string];

function Part({ title, lines, empty }: { readonly title: string; readonly lines: readonly Line[]; readonly empty?: string }) {
  return (
    <YStack>
      <Heading>{title}</Heading>
      {lines.length === 0 && empty !== undefined ? <Body>{empty}</Body> : null}
      {lines.map(([name, value]) => (
        <XStack key={name} borderTopWidth={1} borderColor="$rule" paddingVertical="$s" gap="$m">
          <Body flex={1} color="$muted">
            {name}
          </Body>
          <Strong flex={1}>{value}</Strong>
        </XStack>
      ))}
    </YStack>
  );
}

/** The chosen setup as what to make, and as what differs from the saddle as it hangs in the stock. */
export function specificationLines(
  saddle: Saddle,
  tried: TriedOnVisit,
): { readonly make: Line[]; readonly change: Line[]; readonly horse: Line[] } {
  const described = describedOf(saddle);
  const { setup } = tried;
  const now = presentSetup(described, setup.placeMm);
  const setting = saddle.front.settings[setup.width] ?? saddle.front.settings[0]!;
  const width = neutralWidth(archOfSetting(saddle.front, setting));
  const { frame, panel } = saddle.build;
  const filling = (['front', 'middle', 'rear'] as const).flatMap((zone): Line[] => {
    const [near, off] = [setup.flock.near[zone], setup.flock.off[zone]];
    return near === 0 && off === 0 ? [] : [[`Filling, ${zone}`, `near ${signed(near)} mm, off ${signed(off)} mm`]];
  });
  const shims = (['front', 'middle', 'rear'] as const).flatMap((zone): Line[] => {
    const [near, off] = [setup.shims.near[zone], setup.shims.off[zone]];
    return near === 0 && off === 0 ? [] : [[`Shims, ${zone}`, `near ${near} mm, off ${off} mm`]];
  });
  const changed = (name: string, from: number, to: number, unit: string): Line[] =>
    from === to ? [] : [[name, `${from} ${unit} → ${to} ${unit}`]];
  return {
    make: [
      ['Front width', `${width.includedAngleDeg.toFixed(0)}° included, ${width.spanAt100Mm.toFixed(0)} mm at 100 mm`],
      ['Maker’s label', `${saddle.maker} “${setting.label}”`],
      ['Arch and points', `${SHAPE_WORDS[saddle.front.shape]}, points ${saddle.front.pointLengthMm} mm`],
      ['Tree', `${frame.lengthMm} mm long, ${setup.curveMm} mm of curve over 400 mm`],
      ['Panel depth', `front ${setup.frontDepthMm}, middle ${panel.depthMidMm}, gusset ${setup.rearDepthMm} mm`],
      ['Channel', `front ${saddle.front.frontChannelMm}, middle ${panel.channelMidMm}, rear ${panel.channelRearMm} mm`],
      ['Panel', `${panel.cross}, ${panel.filling === 'none' ? 'bare bars' : panel.filling}`],
      ...filling,
    ],
    change: [
      ...(now.width === setup.width ? [] : [['Width', `“${saddle.front.settings[now.width]!.label}” → “${setting.label}”`] as Line]),
      ...changed('Tree curve', now.curveMm, setup.curveMm, 'mm'),
      ...changed('Front depth', now.frontDepthMm, setup.frontDepthMm, 'mm'),
      ...changed('Rear gusset', now.rearDepthMm, setup.rearDepthMm, 'mm'),
      ...filling,
    ],
    horse: [
      ['Front arch', `${setup.placeMm} mm behind the resting scapula`],
      ['Straps', strapsWords(setup.straps)],
      ['Pad', padWords(setup.pad)],
      ...shims,
      [
        'Tried with',
        tried.rider === null
          ? 'nobody up'
          : `${tried.rider.massKg} kg up, ${tried.rider.gait === 'stand' ? 'at halt' : `in ${tried.rider.gait}`}`,
      ],
    ],
  };
}

const signed = (mm: number): string => (mm > 0 ? `+${mm}` : mm < 0 ? `−${-mm}` : '0');
