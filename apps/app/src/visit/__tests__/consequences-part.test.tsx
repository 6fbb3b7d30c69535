import { type FactBody } from '@fulcra/contract';
import { screen } from '@testing-library/react-native';
import { rendered } from '../../ui/__tests__/rendered';
import { ConsequencesPart, datedFactsOf } from '../consequences-part';
import { fact, visited } from './demo-visit';

const said = (field: string, value: string): FactBody => ({ kind: 'intake', field, value }) as FactBody;

describe('what was said of the horse, with its day', () => {
  it('earlier visits keep theirs, this one’s are of its own day, and what was withdrawn isn’t said', () => {
    const { page } = visited({
      earlier: [{ field: 'coat', value: 'clipped', on: '2026-01-01' }],
      facts: [fact('a', said('temperament', 'calm')), { ...fact('b', said('coat', 'winter')), withdrawn: true }],
    } as never);
    expect(datedFactsOf(page)).toEqual([
      { field: 'coat', value: 'clipped', on: '2026-01-01', now: false },
      { field: 'temperament', value: 'calm', on: '2026-11-20', now: true },
    ]);
  });
});

describe('what follows from it', () => {
  it('is shown all together, or only what the place is about', () => {
    const loaded = visited({ facts: [fact('a', said('coat', 'clipped')), fact('b', said('temperament', 'sharp'))] });
    const { again } = rendered(<ConsequencesPart loaded={loaded} />);
    expect(screen.getByText(/clipped/i)).toBeTruthy();
    expect(screen.getByText(/sharp/i)).toBeTruthy();
    again(<ConsequencesPart loaded={loaded} only={['HANDLE_WITH_CARE']} />);
    expect(screen.queryByText(/clipped/i)).toBeNull();
    expect(screen.getByText(/sharp/i)).toBeTruthy();
  });
});
