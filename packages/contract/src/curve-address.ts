/** Where a socket worker of this page comes from: its own answer says which address it may open, and no other. */
export const CURVE_WORKER_PATH = '/api/curve-sensor/worker.js';

const ADDRESS = /^(wss?):\/\/((?:\[[0-9a-f:]+\]|[a-z0-9](?:[a-z0-9.-]*[a-z0-9])?)(?::\d{1,5})?)(?:\/[\w./~%-]*)?$/i;
const LOOPBACK = /^(localhost|127(?:\.\d{1,3}){3}|\[::1\])(?::\d+)?$/i;

/** Whether a curve sensor can be at such an address: ws:// or wss://, a host, a port, a path. */
export const isCurveAddress = (address: string): boolean => ADDRESS.test(address);

/** The part of an address that a page's policy names. @returns null where it is no address */
export function curveOrigin(address: string): string | null {
  const [, protocol, host] = ADDRESS.exec(address) ?? [];
  return protocol === undefined || host === undefined ? null : `${protocol.toLowerCase()}://${host.toLowerCase()}`;
}

/** From a page under https a browser opens wss only, and ws on this very device. */
export function reachableFrom(pageIsSecure: boolean, address: string): boolean {
  const [, protocol, host] = ADDRESS.exec(address) ?? [];
  return protocol !== undefined && (!pageIsSecure || protocol.toLowerCase() === 'wss' || LOOPBACK.test(host!));
}
