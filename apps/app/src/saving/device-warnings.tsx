import { SAVING_PHRASES } from '../words/saving-phrases';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { Banner } from '../ui/banner';
import { clock } from '../platform/clock';
import { spanWords } from '../words/measure-words';
import { type SpaceLeft, spaceLeft } from '../platform/space-left';

/** How often the space left is checked, ms. */
const CHECK_EVERY_MS = 60_000;

function useSpaceLeft(): SpaceLeft | null {
  const [space, setSpace] = useState<SpaceLeft | null>(null);
  useEffect(() => {
    const check = () => void spaceLeft().then(setSpace);
    check();
    const timer = setInterval(check, CHECK_EVERY_MS);
    return () => clearInterval(timer);
  }, []);
  return space;
}

/** The one word that the saving state shows when this device itself is in trouble. */
export function useDeviceTrouble(): string | null {
  const offsetMs = useSyncExternalStore(clock.subscribe, clock.offsetMs);
  const space = useSpaceLeft();
  if (space?.nearlyFull) return SAVING_PHRASES.nearlyFull;
  return offsetMs === 0 ? null : SAVING_PHRASES.clockIsOff;
}

/** Storage that is nearly full, and a clock that is wrong, each with what to do. */
export function DeviceWarnings() {
  const offsetMs = useSyncExternalStore(clock.subscribe, clock.offsetMs);
  const space = useSpaceLeft();
  return (
    <>
      {space?.nearlyFull ? <Banner tone="lookOut">{SAVING_PHRASES.thisDeviceHas(space.leftMb)}</Banner> : null}
      {offsetMs === 0 ? null : (
        <Banner tone="lookOut">{SAVING_PHRASES.thisDevicesClock(spanWords(offsetMs), offsetMs > 0 ? 'behind' : 'ahead')}</Banner>
      )}
    </>
  );
}
