/** How often lines are handed on, and how many at most, so that a device gone mad stops no screen. */
const EVERY_MS = 16;
const MOST_LINES = 64;

/** A socket of its own thread: the page itself may open none. Says `open`, `lines` and `closed`. */
export const CURVE_WORKER = `'use strict';
let socket = null;
let lines = [];
let timer = 0;
const handOn = () => {
  timer = 0;
  postMessage({ kind: 'lines', lines });
  lines = [];
};
const open = (address) => {
  try {
    socket = new WebSocket(address);
  } catch {
    return postMessage({ kind: 'closed' });
  }
  socket.onopen = () => postMessage({ kind: 'open' });
  socket.onmessage = ({ data }) => {
    if (lines.length < ${MOST_LINES}) lines.push(typeof data === 'string' ? data : '');
    if (timer === 0) timer = setTimeout(handOn, ${EVERY_MS});
  };
  socket.onclose = () => {
    if (lines.length > 0) handOn();
    postMessage({ kind: 'closed' });
  };
};
onmessage = ({ data }) => {
  if (data.kind === 'open') open(data.address);
  else if (data.kind === 'send' && socket !== null && socket.readyState === WebSocket.OPEN) socket.send(data.line);
};
`;
