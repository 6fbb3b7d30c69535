import { SOCKET_PROTOCOL } from '@fulcra/contract';
import { type CurveFeed, SILENT_FEED, fed, readCurveLine } from '@fulcra/core';
import { useSession } from '../platform/session-context';
import { useCallback, useEffect, useRef, useState } from 'react';

export type CurveLink = 'off' | 'connecting' | 'live' | 'silent' | 'gone';

export interface CurveConnection {
  readonly link: CurveLink;
  /** The last state is kept when the device dies: what was read can still be saved. */
  readonly feed: CurveFeed;
  readonly connect: () => void;
  readonly disconnect: () => void;
  readonly press: () => void;
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
  const socket = useRef<WebSocket | null>(null);
  const close = useCallback(() => {
    const open = socket.current;
    socket.current = null;
    open?.close();
  }, []);
  const connect = useCallback(() => {
    close();
    setLink('connecting');
    const own = open(address, csrfToken);
    if (own === null) return setLink('gone');
    socket.current = own;
    listen(own, () => socket.current === own, setFeed, setLink);
  }, [address, csrfToken, close]);
  const disconnect = useCallback(() => {
    close();
    setLink('off');
  }, [close]);
  useEffect(() => close, [close]);
  const press = useCallback(() => socket.current?.readyState === WebSocket.OPEN && socket.current.send('PRESS'), []);
  return { link, feed, connect, disconnect, press };
}

/** A path is on our own server, which wants to know that it is us; anything else is a whole address, and is told nothing. Null when it can't be one. */
function open(address: string, csrfToken: string): WebSocket | null {
  try {
    if (!address.startsWith('/')) return new WebSocket(address);
    return new WebSocket(window.location.origin.replace(/^http/, 'ws') + address, [SOCKET_PROTOCOL, csrfToken]);
  } catch {
    return null;
  }
}

function listen(own: WebSocket, isCurrent: () => boolean, setFeed: (feed: CurveFeed) => void, setLink: (link: CurveLink) => void): void {
  let feed = SILENT_FEED;
  let lines: string[] = [];
  let frame = 0;
  let heardAt = performance.now();
  const show = (): void => {
    frame = 0;
    for (const line of lines) feed = fed(feed, readCurveLine(line));
    lines = [];
    if (isCurrent()) setFeed(feed);
  };
  own.onmessage = (event: MessageEvent) => {
    heardAt = performance.now();
    if (lines.length < MOST_LINES_A_FRAME) lines.push(typeof event.data === 'string' ? event.data : '');
    if (frame === 0) frame = requestAnimationFrame(show);
    if (isCurrent()) setLink('live');
  };
  const watch = setInterval(() => {
    if (isCurrent() && own.readyState === WebSocket.OPEN && performance.now() - heardAt > SILENT_MS) setLink('silent');
  }, SILENT_MS / 2);
  own.onclose = () => {
    clearInterval(watch);
    if (isCurrent()) setLink('gone');
  };
}
