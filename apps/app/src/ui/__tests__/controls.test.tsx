import { act, fireEvent, screen } from '@testing-library/react-native';
import { useForm } from 'react-hook-form';
import { Banner } from '../banner';
import { Button } from '../button';
import { Choice } from '../choice';
import { Field } from '../field';
import { FormField } from '../form-field';
import { Stepper } from '../stepper';
import { ToggleChip } from '../toggle-chip';
import { rendered } from './rendered';

describe('a button', () => {
  it('is pressed by touch and by keyboard, and says what it is', () => {
    const press = jest.fn();
    rendered(<Button label="Keep it" onPress={press} />);
    fireEvent.press(screen.getByLabelText('Keep it'));
    expect(press).toHaveBeenCalledTimes(1);
    expect(screen.getByText('Keep it')).toBeTruthy();
  });

  it('that is off does nothing and says so', () => {
    const press = jest.fn();
    rendered(<Button label="Keep it" off onPress={press} />);
    fireEvent.press(screen.getByLabelText('Keep it'));
    expect(press).not.toHaveBeenCalled();
    expect(screen.getByLabelText('Keep it')).toBeDisabled();
  });
});

describe('one of a few', () => {
  const OPTIONS = [
    { value: 'near', label: 'near' },
    { value: 'off', label: 'off' },
  ] as const;
  it('shows which is chosen and gives what is tapped', () => {
    const change = jest.fn();
    rendered(<Choice label="Side" value="near" options={OPTIONS} onChange={change} />);
    fireEvent.press(screen.getByLabelText('off'));
    expect(change).toHaveBeenCalledWith('off');
    fireEvent.press(screen.getByLabelText('near'));
    expect(change).toHaveBeenLastCalledWith('near');
  });
});

describe('on or off', () => {
  it('tells the tap', () => {
    const press = jest.fn();
    rendered(<ToggleChip label="rolls" on={false} onPress={press} />);
    fireEvent.press(screen.getByText('rolls'));
    expect(press).toHaveBeenCalledTimes(1);
  });
});

describe('minus, the number, plus', () => {
  const stepper = (value: number | null, change: (v: number) => void, least?: number) => (
    <Stepper label="Depth" value={value} unit="mm" step={5} decimals={0} onChange={change} {...(least !== undefined && { least })} />
  );
  it('moves by its step, and not below its least', () => {
    const change = jest.fn();
    const { again } = rendered(stepper(60, change));
    fireEvent.press(screen.getByLabelText('Depth: more'));
    fireEvent.press(screen.getByLabelText('Depth: less'));
    expect(change.mock.calls).toEqual([[65], [55]]);
    again(stepper(3, change));
    fireEvent.press(screen.getByLabelText('Depth: less'));
    expect(change).toHaveBeenLastCalledWith(0);
    again(stepper(-298, change, -300));
    fireEvent.press(screen.getByLabelText('Depth: less'));
    expect(change).toHaveBeenLastCalledWith(-300);
  });

  it('keeps no tail of floating digits', () => {
    const change = jest.fn();
    rendered(<Stepper label="Depth" value={0.1} unit="in" step={0.2} decimals={2} onChange={change} />);
    fireEvent.press(screen.getByLabelText('Depth: more'));
    expect(change).toHaveBeenCalledWith(0.3);
  });

  it('with nothing yet asks for a tap', () => {
    rendered(stepper(null, jest.fn()));
    expect(screen.getByLabelText('Depth: tap mm, type it')).toBeTruthy();
  });
});

describe('a line to type in', () => {
  it('has its name, and what is wrong with it stands by it as an alert', () => {
    const change = jest.fn();
    rendered(<Field label="Name" value="Marl" onChange={change} problem="Too long." hint="What you call it." />);
    fireEvent.changeText(screen.getByLabelText('Name'), 'Tarn');
    expect(change).toHaveBeenCalledWith('Tarn');
    expect(screen.getByText('▲ Too long.')).toBeTruthy();
    expect(screen.queryByText('What you call it.')).toBeNull();
  });

  it('without a problem gives its hint', () => {
    rendered(<Field label="Name" value="" onChange={jest.fn()} hint="What you call it." />);
    expect(screen.getByText('What you call it.')).toBeTruthy();
  });

  it('of a form tells what is typed and shows the form’s word on it', async () => {
    const given = jest.fn();
    function Form() {
      const { control, handleSubmit } = useForm({ defaultValues: { by: '' } });
      return (
        <>
          <FormField control={control} name="by" label="By" />
          <Button label="Go" onPress={() => void handleSubmit(given)()} />
        </>
      );
    }
    rendered(<Form />);
    fireEvent.changeText(screen.getByLabelText('By'), 'Isla');
    await act(async () => fireEvent.press(screen.getByLabelText('Go')));
    expect(given.mock.calls[0]![0]).toEqual({ by: 'Isla' });
  });
});

describe('something to know now', () => {
  it.each([
    ['bad', '▲'],
    ['lookOut', '◆'],
    ['good', '●'],
    ['plain', '○'],
  ] as const)('%s is told by its shape, not by its colour alone', (tone, mark) => {
    rendered(<Banner tone={tone}>Look here.</Banner>);
    expect(screen.getByText(mark, { includeHiddenElements: true })).toBeTruthy();
    expect(screen.getByText('Look here.')).toBeTruthy();
  });
});
