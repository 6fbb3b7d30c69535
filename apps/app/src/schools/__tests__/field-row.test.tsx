import { fireEvent, screen } from '@testing-library/react-native';
import { type LimitField, NO_LIMIT, schoolById, schoolFields } from '@fulcra/core';
import { rendered } from '../../ui/__tests__/rendered';
import { fieldName } from '../../words/school-field-words';
import { FieldRow } from '../field-row';

const LIMIT = schoolFields(schoolById('static-close')).find((f) => f.path === 'rules.treeBeforeRib.least') as LimitField;
const row = (value: LimitField['value'], onSet: jest.Mock | null) => rendered(<FieldRow field={LIMIT} value={value} onSet={onSet} />);

describe('a limit that a school may have or not', () => {
  it('is set with what another school has', () => {
    const onSet = jest.fn();
    row(NO_LIMIT, onSet);
    expect(screen.getByText('no limit')).toBeTruthy();
    fireEvent.press(screen.getByLabelText(/set a limit$/));
    expect(onSet).toHaveBeenCalledWith(LIMIT.path, LIMIT.suggested);
  });

  it('once set is typed over, and taken away again', () => {
    const onSet = jest.fn();
    row(12, onSet);
    const typed = screen.getByLabelText(fieldName(LIMIT.path));
    fireEvent.changeText(typed, '15');
    fireEvent(typed, 'blur');
    expect(onSet).toHaveBeenCalledWith(LIMIT.path, 15);
    // back to the original, which has none, is the one way
    expect(screen.queryByLabelText(/: no limit$/)).toBeNull();
    fireEvent.press(screen.getByLabelText(/^Back to the original/));
    expect(onSet).toHaveBeenLastCalledWith(LIMIT.path, NO_LIMIT);
  });

  it('that the original has can be taken away', () => {
    const onSet = jest.fn();
    const of = { ...LIMIT, value: 8 };
    rendered(<FieldRow field={of} value={12} onSet={onSet} />);
    fireEvent.press(screen.getByLabelText(/: no limit$/));
    expect(onSet).toHaveBeenLastCalledWith(LIMIT.path, NO_LIMIT);
  });

  it('is only read where the school comes with the product', () => {
    row(NO_LIMIT, null);
    expect(screen.getByText('no limit')).toBeTruthy();
    expect(screen.queryByLabelText(/set a limit$/)).toBeNull();
  });
});
