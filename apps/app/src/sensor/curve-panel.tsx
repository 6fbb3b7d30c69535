import { SENSOR_PHRASES } from '../words/sensor-phrases';
import { type DraftSpec } from '../platform/draft';
import { z } from 'zod';
import { type BendsReading, type Station, turnedRound } from '@fulcra/core';
import { router } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import { XStack, YStack } from 'tamagui';
import { MARK, type Tone } from '../ui/banner';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Body, Small } from '../ui/text';
import { useDraft } from '../platform/use-draft';
import { usePracticeSettings } from '../platform/use-views';
import { ANSWERS_WITHIN_MS, fetchWorker } from './curve-line';
import { STAND_IN_WAYS, type StandInWay, standInAddress } from './stand-in';
import { type CurveConnection, type CurveLink, useCurveFeed } from './use-curve-feed';

/** How a device is reached and laid on; the same for every station, kept on this device. */
interface CurveSettings {
  readonly from: 'standIn' | 'device';
  readonly way: StandInWay;
  readonly animal: number;
  readonly turned: boolean;
}
const SETTINGS: DraftSpec<CurveSettings> = {
  version: 1,
  schema: z.object({
    from: z.enum(['standIn', 'device']),
    way: z.enum(STAND_IN_WAYS.map((w) => w.value)),
    animal: z.number(),
    turned: z.boolean(),
  }),
};
const START: CurveSettings = { from: 'standIn', way: 'steady', animal: 3, turned: false };

export interface CurvePanelProps {
  readonly station: Station;
  /** The reading as it will be kept, whenever it changes. */
  readonly onReading: (reading: BendsReading | null) => void;
  /** The key on the device was pressed. */
  readonly onPress: () => void;
}

/** A curve sensor: connects, shows it live, and keeps the last reading when the device dies. */
export function CurvePanel({ station, onReading, onPress }: CurvePanelProps) {
  const [settings, setSettings] = useDraft('curve-sensor', SETTINGS, START);
  const seed = useRef(1 + Math.floor(Math.random() * 100_000)).current;
  const { curveAddress } = usePracticeSettings();
  const device = settings.from === 'device';
  const address = device ? curveAddress : standInAddress(station, settings.animal, settings.way, seed);
  const connection = useCurveFeed(address);
  useEffect(() => {
    if (device) fetchWorker();
  }, [device, curveAddress]);
  useHandedOn(connection, settings.turned, onReading, onPress);
  useConnectedFor(station, connection);
  const set = (change: Partial<CurveSettings>) => setSettings({ ...settings, ...change });
  return (
    <YStack gap="$s" borderTopWidth={1} borderColor="$rule" paddingTop="$s">
      <Status connection={connection} address={device ? curveAddress : null} />
      <XStack gap="$s" flexWrap="wrap">
        {ON.includes(connection.link) ? (
          <Button label={SENSOR_PHRASES.disconnect} onPress={connection.disconnect} />
        ) : (
          <Button label={connection.link === 'off' ? SENSOR_PHRASES.connect : SENSOR_PHRASES.connectAgain} onPress={connection.connect} />
        )}
        <Button
          label={settings.turned ? SENSOR_PHRASES.turnedRound : SENSOR_PHRASES.turnItRound}
          pressed={settings.turned}
          onPress={() => set({ turned: !settings.turned })}
        />
      </XStack>
      <Device settings={settings} set={set} />
    </YStack>
  );
}

const ON: readonly CurveLink[] = ['connecting', 'live', 'silent'];

interface DeviceProps {
  readonly settings: CurveSettings;
  readonly set: (change: Partial<CurveSettings>) => void;
}

/** Which device it is: asked once, and out of the way of the hand while it measures. */
function Device({ settings, set }: DeviceProps) {
  const [open, setOpen] = useState(false);
  const said = settings.from === 'device' ? SENSOR_PHRASES.aDevice : SENSOR_PHRASES.standInSimulated;
  return (
    <YStack gap="$xs">
      <XStack>
        <Button kind="quiet" tight pressed={open} label={SENSOR_PHRASES.whichDeviceNow(said)} onPress={() => setOpen(!open)} />
      </XStack>
      {open ? <DeviceChoice settings={settings} set={set} /> : null}
    </YStack>
  );
}

const DeviceChoice = ({ settings, set }: DeviceProps) => (
  <>
    <Choice
      label={SENSOR_PHRASES.whichDevice}
      value={settings.from}
      options={[
        { value: 'standIn', label: SENSOR_PHRASES.standInSimulated },
        { value: 'device', label: SENSOR_PHRASES.aDevice },
      ]}
      onChange={(from) => set({ from })}
    />
    {settings.from === 'device' ? (
      <WhereItIs />
    ) : (
      <Choice label={SENSOR_PHRASES.howTheStand} value={settings.way} options={STAND_IN_WAYS} onChange={(way) => set({ way })} />
    )}
  </>
);

/** The practice says where its sensor is, once for everybody. */
function WhereItIs() {
  const { curveAddress } = usePracticeSettings();
  const secure = window.location.protocol === 'https:';
  return (
    <YStack gap="$xs">
      <Body>{curveAddress === '' ? SENSOR_PHRASES.noAddress : SENSOR_PHRASES.isAt(curveAddress)}</Body>
      {secure ? <Small>{SENSOR_PHRASES.underHttps}</Small> : null}
      <XStack>
        <Button kind="quiet" tight label={SENSOR_PHRASES.changeAddress} onPress={() => router.push('/practice')} />
      </XStack>
    </YStack>
  );
}

/** Hands each reading on, turned round where it was laid on so, and each press of the device's key once. */
function useHandedOn({ feed }: CurveConnection, turned: boolean, onReading: CurvePanelProps['onReading'], onPress: () => void): void {
  const { reading, presses } = feed;
  const handlers = useRef({ onReading, onPress });
  handlers.current = { onReading, onPress };
  useEffect(() => handlers.current.onReading(reading === null ? null : turned ? turnedRound(reading) : reading), [reading, turned]);
  const seen = useRef(0);
  useEffect(() => {
    if (presses > seen.current) handlers.current.onPress();
    seen.current = presses;
  }, [presses]);
}

/** Once connected, going to the next station connects there too: the device is still in the hand. */
function useConnectedFor(station: Station, { link, connect }: CurveConnection): void {
  const wanted = sessionStorage.getItem('curve-connected') === '1';
  useEffect(() => {
    if (wanted) connect();
  }, [station]); // eslint-disable-line react-hooks/exhaustive-deps -- only when the station changes
  useEffect(() => {
    if (link === 'live') sessionStorage.setItem('curve-connected', '1');
    if (!ON.includes(link) && link !== 'off') sessionStorage.removeItem('curve-connected');
  }, [link]);
}

const LINK_TONE: Readonly<Partial<Record<CurveLink, Tone>>> = { off: 'plain', connecting: 'lookOut', live: 'good', silent: 'lookOut' };

interface StatusProps {
  readonly connection: CurveConnection;
  /** Null for the stand-in. */
  readonly address: string | null;
}

function Status({ connection: { link, feed }, address }: StatusProps) {
  const tone = LINK_TONE[link] ?? 'bad';
  const words = SENSOR_PHRASES.link[link](address ?? SENSOR_PHRASES.theStandIn, ANSWERS_WITHIN_MS / 1000);
  return (
    <YStack role="status">
      <Body color={tone === 'plain' ? '$muted' : `$${tone}`}>
        {MARK[tone]} {words} {feed.goodbye ?? ''}
      </Body>
      {feed.device === null ? null : (
        <Small>
          {SENSOR_PHRASES.jointsMmApart(
            feed.device.name,
            feed.device.joints,
            feed.device.pitchMm,
            feed.received,
            feed.lost,
            feed.unreadable,
          )}
        </Small>
      )}
    </YStack>
  );
}
