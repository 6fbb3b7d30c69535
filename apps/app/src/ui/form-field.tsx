import { type Control, type FieldPath, type FieldValues, useController } from 'react-hook-form';
import { Field, type FieldProps } from './field';

export interface FormFieldProps<Typed extends FieldValues, Read> extends Omit<FieldProps, 'value' | 'onChange' | 'problem' | 'inputRef'> {
  readonly control: Control<Typed, unknown, Read>;
  readonly name: FieldPath<Typed>;
}

/** A line of a form: what is wrong with it stands under it, is read out with it, and brings the focus to it. */
export function FormField<Typed extends FieldValues, Read>({ control, name, ...line }: FormFieldProps<Typed, Read>) {
  const { field, fieldState } = useController({ control, name });
  return <Field {...line} inputRef={field.ref} value={field.value} onChange={field.onChange} problem={fieldState.error?.message} />;
}
