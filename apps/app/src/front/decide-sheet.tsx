import { FRONT_PHRASES } from '../words/front-phrases';
import { usePracticeSettings } from '../platform/use-views';
import { shapedLike } from '../platform/draft';
import { v7 } from 'uuid';
import { type DecisionWrite, type Saddle } from '@fulcra/contract';
import { type School, CORE_VERSION, neutralWidth } from '@fulcra/core';
import { router } from 'expo-router';
import { useEffect } from 'react';
import { momentNow } from '../platform/clock';
import { useSend } from '../platform/use-send';
import { Button } from '../ui/button';
import { Field } from '../ui/field';
import { Sheet } from '../ui/sheet';
import { Body, Small } from '../ui/text';
import { useToast } from '../ui/toast';
import { useDraft } from '../platform/use-draft';
import { SHAPE_WORDS, recordWords } from '../words/verdict-words';
import { unmeasuredSentence } from '../words/saddle-measure-words';
import { type TriedFront } from './front-setup';
import { type LoadedVisit } from '../visit';

export interface DecideSheetProps {
  readonly open: boolean;
  readonly onClose: () => void;
  readonly visitId: string;
  readonly loaded: LoadedVisit;
  readonly tried: TriedFront;
  readonly saddle: Saddle | null;
  readonly school: School;
}

const REASONS_DRAFT = { version: 1, schema: shapedLike({ of: '', text: '' }) };

/** Keeps the chosen width with reasons filled in from the computation, in the fitter's words if wished. */
export function DecideSheet({ open, onClose, visitId, loaded, tried, saddle, school }: DecideSheetProps) {
  const send = useSend();
  const toast = useToast();
  const { fingerMm } = usePracticeSettings();
  const computed = [recordWords(tried.chosen.verdict, fingerMm), ...(saddle === null ? [] : unmeasuredSentence(saddle))].join('\n');
  const [draft, setDraft, forget] = useDraft(`decide-${visitId}`, REASONS_DRAFT, { of: computed, text: computed });
  const text = draft.of === computed ? draft.text : computed;
  useEffect(() => {
    if (open && draft.of !== computed) setDraft({ of: computed, text: computed });
  }, [open, computed, draft.of, setDraft]);
  const keep = async () => {
    if (!(await send({ kind: 'decision', decisionId: v7(), visitId, body: decisionOf({ loaded, tried, saddle, school }, text) }))) return;
    forget();
    onClose();
    toast({ text: FRONT_PHRASES.decisionKeptDeciding });
    router.navigate(`/visits/${visitId}`);
  };
  const { includedAngleDeg, spanAt100Mm } = neutralWidth(tried.arch);
  return (
    <Sheet title={FRONT_PHRASES.keepThisWidth} open={open} onClose={onClose}>
      <Body fontWeight="700">
        {FRONT_PHRASES.mmAt100(
          saddle ? `${saddle.name}, ${saddle.maker} “${tried.label}”: ` : '',
          Math.round(includedAngleDeg),
          Math.round(spanAt100Mm),
          SHAPE_WORDS[tried.arch.shape],
        )}
      </Body>
      <Field
        label={FRONT_PHRASES.reasons}
        lines={6}
        value={text}
        onChange={(next) => setDraft({ of: computed, text: next })}
        hint={FRONT_PHRASES.filledInFrom}
      />
      <Small>{FRONT_PHRASES.keptWithSchool(school.name, school.version, CORE_VERSION)}</Small>
      <Button kind="main" label={FRONT_PHRASES.keepThisDecision} onPress={() => void keep()} />
    </Sheet>
  );
}

function decisionOf(
  { loaded, tried, saddle, school }: Pick<DecideSheetProps, 'loaded' | 'tried' | 'saddle' | 'school'>,
  reasons: string,
): DecisionWrite {
  const { verdict, laid } = tried.chosen;
  return {
    decidedAt: momentNow(),
    saddleId: saddle?.id ?? null,
    settingLabel: tried.label,
    shape: tried.arch.shape,
    ...neutralWidth(tried.arch),
    pointLengthMm: tried.arch.pointLengthMm,
    crownZMm: laid.crownZMm,
    verdict: verdict.code,
    widthsOff: verdict.widthsOff,
    reasons,
    schoolId: school.id,
    schoolVersion: school.version,
    coreVersion: CORE_VERSION,
    takenAtMm: loaded.front.takenAtMm,
    section: loaded.front.consensus!.points.map((p) => ({ yMm: p.yMm, zMm: p.zMm })),
  };
}
