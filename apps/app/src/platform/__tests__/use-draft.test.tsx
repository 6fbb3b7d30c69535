import { act, renderHook } from '@testing-library/react-native';
import { type ReactNode } from 'react';
import { TEXT_DRAFT } from '../draft';
import { DraftScope, adoptOldDrafts, keysOfDevice } from '../draft-scope';
import { keeping } from '../keeping';
import { forgetDraftsOf, useDraft } from '../use-draft';

const as =
  (scope: string) =>
  ({ children }: { readonly children: ReactNode }) => <DraftScope.Provider value={scope}>{children}</DraftScope.Provider>;
const draftOf = (scope: string) => renderHook(() => useDraft('new-horse', TEXT_DRAFT, ''), { wrapper: as(scope) });

beforeEach(() => localStorage.clear());

it('what one person began is nobody else’s: not a colleague’s, not another practice’s', () => {
  const isla = draftOf('room/isla');
  act(() => isla.result.current[1]('Bracken'));
  expect(draftOf('room/isla').result.current[0]).toBe('Bracken');
  for (const other of ['room/rowan', 'elsewhere/isla', 'guest']) expect(draftOf(other).result.current[0]).toBe('');
  forgetDraftsOf('room/rowan');
  expect(keysOfDevice()).toEqual(['draft:room/isla:new-horse']);
  forgetDraftsOf('room/isla');
  expect(keysOfDevice()).toEqual([]);
});

describe('a device that is full', () => {
  const setItem = localStorage.setItem;
  const full = () => {
    localStorage.setItem = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
  };
  afterEach(() => {
    localStorage.setItem = setItem;
  });

  it('shows what is typed all the same, says that it is not kept, and keeps it as soon as there is room', () => {
    const told = jest.spyOn(console, 'error').mockImplementation(() => undefined);
    const { result } = draftOf('room/isla');
    full();
    act(() => result.current[1]('Brack'));
    expect(result.current[0]).toBe('Brack');
    expect([...keeping.failing()]).toEqual(['draft:room/isla:new-horse']);
    expect(told).toHaveBeenCalledTimes(1);
    localStorage.setItem = setItem;
    act(() => result.current[1]('Bracken'));
    expect(keeping.failing().size).toBe(0);
    expect(draftOf('room/isla').result.current[0]).toBe('Bracken');
  });

  it('no longer says so once the draft is entered', () => {
    jest.spyOn(console, 'error').mockImplementation(() => undefined);
    const { result } = draftOf('room/isla');
    full();
    act(() => result.current[1]('Brack'));
    act(() => result.current[2]());
    expect(keeping.failing().size).toBe(0);
  });
});

describe('drafts of a release that didn’t note whose they were', () => {
  const A = '0a0a0a0a-0000-4000-8000-000000000001';
  it('are those of whoever is signed in; an owner’s page’s and the device’s own stay out of it, and what is somebody’s stays theirs', () => {
    localStorage.setItem('draft:new-horse', 'old');
    localStorage.setItem('draft:owner-ask-token', 'asked');
    localStorage.setItem('draft:tape-unit', 'mm');
    localStorage.setItem(`draft:${A}/${A}:new-rider`, 'theirs');
    adoptOldDrafts('room/isla');
    expect(keysOfDevice().sort()).toEqual(
      ['draft:guest:owner-ask-token', 'draft:room/isla:new-horse', 'draft:tape-unit', `draft:${A}/${A}:new-rider`].sort(),
    );
  });
});
