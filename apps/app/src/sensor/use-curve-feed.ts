import { type CurveFeed, SILENT_FEED, fed, readCurveLine } from '@fulcra/core';
import { useCallback, useEffect, useRef, useState } from 'react';
import { useSession } from '../platform/session-context';
import { type CurveHears, type CurveLine, type NotHeard, openLine } from './curve-line';

export type CurveLink = 'off' | 'connecting' | 'live' | 'silent' | NotHeard;

export interface CurveConnection {
  readonly link: CurveLink;
  /** The last state is kept when the device dies: what was read can still be saved. */
  readonly feed: CurveFeed;
  readonly connect: () => void;
  readonly disconnect: () => void;
}

/** No line for this long is a device that hangs, ms. */
const SILENT_MS = 2500;
/** More lines than this in one picture frame are a device gone mad: the rest of that frame is passed over. */
const MOST_LINES_A_FRAME = 64;

/** Listens to a curve sensor. Lines are gathered and shown once a frame, so that a thousand a second don't stop the screen. */
export function useCurveFeed(address: string): CurveConnection {
  const { csrfToken } = useSession().session;
  const [link, setLink] = useState<CurveLink>('off');
  const [feed, setFeed] = useState<CurveFeed>(SILENT_FEED);
  const line = useRef<CurveLine | null>(null);
  const stop = useRef<() => void>(() => undefined);
  const close = useCallback(() => {
    stop.current();
    line.current?.close();
    line.current = null;
  }, []);
  const connect = useCallback(() => {
    close();
    setLink('connecting');
    const listener = listening(setFeed, setLink);
    stop.current = listener.stop;
    line.current = openLine(address, csrfToken, listener);
  }, [address, csrfToken, close]);
  const disconnect = useCallback(() => {
    close();
    setLink('off');
  }, [close]);
  useEffect(() => close, [close]);
  return { link, feed, connect, disconnect };
}

function listening(setFeed: (feed: CurveFeed) => void, setLink: (link: CurveLink) => void): CurveHears & { readonly stop: () => void } {
  let feed = SILENT_FEED;
  let lines: string[] = [];
  let frame = 0;
  let watch: ReturnType<typeof setInterval> | undefined;
  let heardAt = performance.now();
  const show = (): void => {
    frame = 0;
    for (const line of lines) feed = fed(feed, readCurveLine(line));
    lines = [];
    setFeed(feed);
  };
  const stop = (): void => {
    clearInterval(watch);
    if (frame !== 0) cancelAnimationFrame(frame);
  };
  return {
    stop,
    opened: () => {
      heardAt = performance.now();
      watch = setInterval(() => {
        if (performance.now() - heardAt > SILENT_MS) setLink('silent');
      }, SILENT_MS / 2);
    },
    lines: (more) => {
      heardAt = performance.now();
      lines.push(...more.slice(0, MOST_LINES_A_FRAME - lines.length));
      if (frame === 0) frame = requestAnimationFrame(show);
      setLink('live');
    },
    ended: (why) => {
      clearInterval(watch);
      setLink(why);
    },
  };
}
