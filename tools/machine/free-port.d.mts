/** A port nobody listens on: the wished one if it is free, else any. */
export function freePort(wished?: number): Promise<number>;
