import { useState } from 'react';
import { YStack } from 'tamagui';
import { z } from 'zod';
import { type DraftSpec } from '../platform/draft';
import { useDraftForm } from '../platform/use-draft-form';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { FormField } from '../ui/form-field';
import { Small } from '../ui/text';
import { TACK_PHRASES } from '../words/tack-phrases';

export interface Mending {
  readonly by: string;
  readonly what: string;
  readonly now: 'sound' | 'watch';
}

const typedSchema = z.object({ by: z.string(), what: z.string() });
type Typed = z.infer<typeof typedSchema>;
const DRAFT: DraftSpec<Typed> = { version: 1, schema: typedSchema };
const mendingSchema = z.object({
  by: z.string().trim().min(1, TACK_PHRASES.needsWho),
  what: z.string().trim().min(3, TACK_PHRASES.needsWhat),
});
const NOW = [
  { value: 'sound', label: TACK_PHRASES.soundNow },
  { value: 'watch', label: TACK_PHRASES.watchNow },
] as const;

/** Who says that it is mended, and what was done: nothing else clears an unsafe finding. */
export function MendForm({ draft, onMended }: { readonly draft: string; readonly onMended: (mending: Mending) => Promise<boolean> }) {
  const { form, forget } = useDraftForm(draft, DRAFT, { by: '', what: '' }, mendingSchema);
  const [now, setNow] = useState<Mending['now']>('sound');
  const keep = form.handleSubmit(async (read) => {
    if (await onMended({ ...read, now })) forget();
  });
  return (
    <YStack gap="$s">
      <FormField control={form.control} name="by" label={TACK_PHRASES.mendedBy} />
      <FormField control={form.control} name="what" label={TACK_PHRASES.mendedWhat} lines={2} />
      <Small>{TACK_PHRASES.nowIs}</Small>
      <Choice label={TACK_PHRASES.nowIs} value={now} options={NOW} onChange={setNow} />
      <Small>{TACK_PHRASES.mistakeToo}</Small>
      <Button kind="main" label={TACK_PHRASES.clear} onPress={() => void keep()} />
    </YStack>
  );
}
