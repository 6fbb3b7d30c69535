import { SESSION_PHRASES } from '../words/session-phrases';
import { CORE_VERSION } from '@fulcra/core';
import { router, usePathname } from 'expo-router';
import { type ComponentType, useContext } from 'react';
import { DraftScope, ownerOf, scopeOf } from '../platform/draft-scope';
import { GateContext, SessionContext } from '../platform/session-context';
import { useWaiting } from '../platform/use-sync';
import { usePersonUnit } from '../platform/use-tape-unit';
import { NotKept } from '../saving/not-kept';
import { SyncState } from '../saving/sync-state';
import { WithRail } from '../rail';
import { ScreenCorner } from '../ui/screen';
import { ScreenBoundary } from '../ui/screen-boundary';
import { SignInScreen } from './sign-in-screen';

const ABOUT = SESSION_PHRASES.fulcraCore(CORE_VERSION);
const toTheYard = (): void => router.replace('/');

/** A screen for those signed in; the sign-in page stands in its place, at its address, until they are. */
export function signedIn<P extends object>(Screen: ComponentType<P>): ComponentType<P> {
  return function SignedIn(props: P) {
    const gate = useContext(GateContext);
    const waiting = useWaiting();
    const place = usePathname();
    usePersonUnit();
    if (gate.state === 'starting') return null;
    if (gate.state === 'signedOut') return <SignInScreen waiting={waiting.length} offline={gate.offline} onSignedIn={gate.enter} />;
    const scope = scopeOf(ownerOf(gate.value.session));
    return (
      <SessionContext.Provider key={scope} value={gate.value}>
        <DraftScope.Provider value={scope}>
          <ScreenCorner.Provider value={<SyncState />}>
            <WithRail>
              <ScreenBoundary place={place} about={ABOUT} onLeave={toTheYard}>
                <NotKept />
                <Screen {...props} />
              </ScreenBoundary>
            </WithRail>
          </ScreenCorner.Provider>
        </DraftScope.Provider>
      </SessionContext.Provider>
    );
  };
}
