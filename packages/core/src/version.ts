/** Stored with every saved result; raised whenever the same measurements could give another answer. */
export const CORE_VERSION = '0.1.0';
