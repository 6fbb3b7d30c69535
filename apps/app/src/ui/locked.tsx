import { type ReactNode, createContext, useContext } from 'react';

const LockedContext = createContext(false);

/** What stands as it is: buttons, steppers, chips and fields below it are shown and read out, and can't be used. */
export const Locked = ({ when, children }: { readonly when: boolean; readonly children: ReactNode }) => (
  <LockedContext.Provider value={when}>{children}</LockedContext.Provider>
);

export const useLocked = (): boolean => useContext(LockedContext);
