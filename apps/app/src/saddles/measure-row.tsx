import { type SaddleFields } from '@fulcra/contract';
import { NumberRow } from './number-row';
import { type SaddleMeasure } from './saddle-measures';

interface MeasureRowProps {
  readonly measure: SaddleMeasure;
  readonly saddle: SaddleFields;
  readonly here: boolean;
  readonly onHere: () => void;
  readonly onChange: (saddle: SaddleFields) => void;
}

export function MeasureRow({ measure, saddle, here, onHere, onChange }: MeasureRowProps) {
  return (
    <NumberRow
      name={measure.name}
      unit={measure.unit}
      step={measure.step}
      value={measure.get(saddle)}
      here={here}
      onTouch={onHere}
      onChange={(v) => onChange(measure.put(saddle, v))}
    />
  );
}
