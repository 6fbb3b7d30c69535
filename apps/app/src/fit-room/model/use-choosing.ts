import { chosenSettingOf, triedSettingsOf } from '@fulcra/core';
import { router } from 'expo-router';
import { v7 } from 'uuid';
import { useSend } from '../../platform/use-send';
import { FIT_ROOM_PHRASES } from '../../words/fit-room-phrases';
import { decisionOfChoice } from './decision-of-choice';
import { type FitRoom } from './use-room';

/** Choosing one of the settings that were kept: it becomes the visit's decision, which its papers read; then on to them. */
export function useChoosing({ visitId, loaded, saddles }: Pick<FitRoom, 'visitId' | 'loaded' | 'saddles'>) {
  const send = useSend();
  const { facts } = loaded.page;
  const chosenId = chosenSettingOf(facts)?.tried.id ?? null;
  const toSpecification = (): void => router.push(`/visits/${visitId}/specification`);
  const choose = async (triedId: string): Promise<void> => {
    if (chosenId === triedId) return toSpecification();
    if (!(await loaded.note({ kind: 'chosenSetting', triedId, note: '' }, FIT_ROOM_PHRASES.chosen))) return;
    const of = triedSettingsOf(facts).find((t) => t.id === triedId);
    const saddle = saddles.find((s) => s.id === of?.saddleId);
    const decided = of === undefined || saddle === undefined ? null : decisionOfChoice(loaded, saddle, of);
    if (decided !== null) await send({ kind: 'decision', decisionId: v7(), visitId, body: decided });
    toSpecification();
  };
  return { chosenId, choose, toSpecification };
}
