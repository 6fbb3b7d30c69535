import { CURVE_WORKER_PATH, SOCKET_PROTOCOL, reachableFrom } from '@fulcra/contract';

/** Why a sensor can't be heard. */
export type NotHeard =
  /** No address was ever given. */
  | 'notSet'
  /** A page under https opens no plain socket to another device. */
  | 'needsSecure'
  /** What opens the socket could not be fetched, and isn't kept here. */
  | 'noWorker'
  /** Nothing at all came back in time. */
  | 'noAnswer'
  /** Refused at once: nothing listens there, or the address is not the practice's any more. */
  | 'refused'
  /** It was heard, and went away. */
  | 'gone';

export interface CurveLine {
  send(line: string): void;
  close(): void;
}

export interface CurveHears {
  opened(): void;
  lines(lines: readonly string[]): void;
  ended(why: NotHeard): void;
}

/** No device takes longer to answer than this, ms (default): on a barn's Wi-Fi it takes about one second. */
export const ANSWERS_WITHIN_MS = 8000;

/**
 * Opens a line to a sensor and says once when it ends, and why.
 * @param address a path is the stand-in on our own server, which wants to know that it is us; else a device's whole address, told nothing
 */
export function openLine(address: string, csrfToken: string, hears: CurveHears): CurveLine {
  let opened = false;
  let over = false;
  let line: CurveLine = { send: () => undefined, close: () => undefined };
  const end = (why: NotHeard): void => {
    if (over) return;
    over = true;
    clearTimeout(timer);
    line.close();
    hears.ended(why);
  };
  const timer = setTimeout(() => end('noAnswer'), ANSWERS_WITHIN_MS);
  const inner: CurveHears = {
    opened: () => {
      opened = true;
      clearTimeout(timer);
      if (!over) hears.opened();
    },
    lines: (lines) => {
      if (!over) hears.lines(lines);
    },
    ended: (why) => end(opened ? 'gone' : why),
  };
  const hindrance = address.startsWith('/') ? null : hindranceTo(address);
  if (hindrance !== null) queueMicrotask(() => end(hindrance));
  else line = address.startsWith('/') ? ownLine(address, csrfToken, inner) : deviceLine(address, inner);
  return {
    send: (text) => line.send(text),
    close: () => {
      over = true;
      clearTimeout(timer);
      line.close();
    },
  };
}

function hindranceTo(address: string): NotHeard | null {
  if (address === '') return 'notSet';
  return reachableFrom(window.location.protocol === 'https:', address) ? null : 'needsSecure';
}

/** Our own server is the only socket that the page's policy lets it open itself. */
function ownLine(path: string, csrfToken: string, hears: CurveHears): CurveLine {
  const socket = new WebSocket(window.location.origin.replace(/^http/, 'ws') + path, [SOCKET_PROTOCOL, csrfToken]);
  socket.onopen = () => hears.opened();
  socket.onmessage = ({ data }: MessageEvent) => hears.lines([typeof data === 'string' ? data : '']);
  socket.onclose = () => hears.ended('refused');
  return {
    send: (line) => socket.readyState === WebSocket.OPEN && socket.send(line),
    close: () => {
      socket.onclose = null;
      socket.close();
    },
  };
}

type Said = { readonly kind: 'open' } | { readonly kind: 'lines'; readonly lines: readonly string[] } | { readonly kind: 'closed' };

/** A device's socket is opened in a worker, whose own answer carries the one address it may open. */
function deviceLine(address: string, hears: CurveHears): CurveLine {
  const worker = new Worker(CURVE_WORKER_PATH);
  worker.onmessage = ({ data }: MessageEvent<Said>) => {
    if (data.kind === 'open') hears.opened();
    else if (data.kind === 'lines') hears.lines(data.lines);
    else hears.ended('refused');
  };
  worker.onerror = () => hears.ended('noWorker');
  worker.postMessage({ kind: 'open', address });
  return { send: (line) => worker.postMessage({ kind: 'send', line }), close: () => worker.terminate() };
}

/** Fetched while there is signal, so that the service worker has it in the barn; without signal what it kept stands. */
export const fetchWorker = (): void => void fetch(CURVE_WORKER_PATH).catch(() => undefined);
