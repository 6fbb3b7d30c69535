import { type ComponentType, useContext } from 'react';
import { GateContext, SessionContext } from '../platform/session-context';
import { useWaiting } from '../platform/use-sync';
import { SyncState } from '../saving/sync-state';
import { ScreenCorner } from '../ui/screen';
import { SignInScreen } from './sign-in-screen';

/** A screen for those signed in; the sign-in page stands in its place, at its address, until they are. */
export function signedIn<P extends object>(Screen: ComponentType<P>): ComponentType<P> {
  return function SignedIn(props: P) {
    const gate = useContext(GateContext);
    const waiting = useWaiting();
    if (gate.state === 'starting') return null;
    if (gate.state === 'signedOut') return <SignInScreen waiting={waiting.length} offline={gate.offline} onSignedIn={gate.enter} />;
    return (
      <SessionContext.Provider value={gate.value}>
        <ScreenCorner.Provider value={<SyncState />}>
          <Screen {...props} />
        </ScreenCorner.Provider>
      </SessionContext.Provider>
    );
  };
}
