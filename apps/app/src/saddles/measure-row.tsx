import { SADDLES_PHRASES } from '../words/saddles-phrases';
import { SADDLE_MEASURE_PATHS } from '@fulcra/core';
import { type FieldPath, useController } from 'react-hook-form';
import { SADDLE_MEASURE_WORDS } from '../words/saddle-measure-words';
import { HowKnown, taken, unsureWords } from './how-known';
import { NumberRow } from './number-row';
import { type SaddleForm, type SaddlePart } from './saddle-form-model';
import { type SaddleMeasure } from './saddle-measures';

/** One measure of the saddle; what is wrong with it stands under it and brings the focus to it. */
export function MeasureRow({ measure, part }: { readonly measure: SaddleMeasure; readonly part: SaddlePart }) {
  const { form, saddle, here, put, onHere } = part;
  const name = SADDLES_PHRASES.saddle(SADDLE_MEASURE_PATHS[measure.id].join('.')) as FieldPath<SaddleForm>;
  const { field, fieldState } = useController({ control: form.control, name });
  const unsure = unsureWords(saddle, measure.id, measure.unit);
  const inHand = here.measure === measure.id;
  return (
    <>
      <NumberRow
        name={SADDLE_MEASURE_WORDS[measure.id].name}
        unit={measure.unit}
        step={measure.step}
        value={measure.get(saddle)}
        here={inHand}
        unsure={unsure}
        problem={fieldState.error?.message}
        numberRef={field.ref}
        onTouch={() => onHere({ view: measure.view, measure: measure.id })}
        onChange={(v) => put(taken(measure.put(saddle, v), measure.id))}
      />
      {inHand ? <HowKnown id={measure.id} unit={measure.unit} saddle={saddle} put={put} /> : null}
    </>
  );
}
