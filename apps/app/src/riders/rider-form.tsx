import { type RiderFields } from '@fulcra/contract';
import { useDraftForm } from '../platform/use-draft-form';
import { Button } from '../ui/button';
import { FormField } from '../ui/form-field';
import { RIDERS_PHRASES } from '../words/riders-phrases';
import { EMPTY_RIDER, RIDER_FORM_DRAFT, type RiderForm, riderFormSchema } from './rider-form-model';

export interface RiderFieldsFormProps {
  /** Under which half-entered text is kept. */
  readonly draft: string;
  readonly start?: RiderForm;
  readonly done: string;
  readonly onDone: (rider: RiderFields) => Promise<void>;
}

/** Name, height, weight and a note. */
export function RiderFieldsForm({ draft, start = EMPTY_RIDER, done, onDone }: RiderFieldsFormProps) {
  const { form, forget } = useDraftForm(draft, RIDER_FORM_DRAFT, start, riderFormSchema);
  const { control } = form;
  const keep = form.handleSubmit(async (rider) => {
    await onDone(rider);
    forget();
  });
  return (
    <>
      <FormField control={control} name="name" label={RIDERS_PHRASES.theRidersName} />
      <FormField control={control} name="height" label={RIDERS_PHRASES.theRidersHeightCm} kind="number" />
      <FormField control={control} name="weight" label={RIDERS_PHRASES.theRidersWeightKg} kind="number" />
      <FormField control={control} name="note" label={RIDERS_PHRASES.oldInjuriesWhat} lines={2} />
      <Button kind="main" label={done} onPress={() => void keep()} />
    </>
  );
}
