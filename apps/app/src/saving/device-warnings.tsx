import { useEffect, useState, useSyncExternalStore } from 'react';
import { Banner } from '../ui/banner';
import { clock } from '../platform/clock';
import { type Room, roomLeft } from '../platform/space-left';

/** How often the room left is looked at, ms. */
const LOOK_EVERY_MS = 60_000;

function useRoom(): Room | null {
  const [room, setRoom] = useState<Room | null>(null);
  useEffect(() => {
    const look = () => void roomLeft().then(setRoom);
    look();
    const timer = setInterval(look, LOOK_EVERY_MS);
    return () => clearInterval(timer);
  }, []);
  return room;
}

/** The one word that the saving state shows when this device itself is in trouble. */
export function useDeviceTrouble(): string | null {
  const offsetMs = useSyncExternalStore(clock.subscribe, clock.offsetMs);
  const room = useRoom();
  if (room?.nearlyFull) return 'nearly full';
  return offsetMs === 0 ? null : 'clock is off';
}

/** Storage that is nearly full, and a clock that is wrong, each with what to do. */
export function DeviceWarnings() {
  const offsetMs = useSyncExternalStore(clock.subscribe, clock.offsetMs);
  const room = useRoom();
  return (
    <>
      {room?.nearlyFull ? (
        <Banner tone="lookOut">{`This device has room for about ${room.leftMb} MB more. Go where there is signal so that photos can be sent, or free some space, before the next visit.`}</Banner>
      ) : null}
      {offsetMs === 0 ? null : (
        <Banner tone="lookOut">{`This device’s clock is ${spanWords(offsetMs)}. Entries are dated by the server’s time, so nothing is wrong; set the clock when you can.`}</Banner>
      )}
    </>
  );
}

const MS_PER_DAY = 86_400_000;
const MS_PER_HOUR = 3_600_000;

function spanWords(offsetMs: number): string {
  const span = Math.abs(offsetMs);
  const words =
    span >= MS_PER_DAY
      ? `${Math.round(span / MS_PER_DAY)} days`
      : span >= MS_PER_HOUR
        ? `${Math.round(span / MS_PER_HOUR)} hours`
        : `${Math.round(span / 60_000)} minutes`;
  return `${words} ${offsetMs > 0 ? 'behind' : 'ahead'}`;
}
