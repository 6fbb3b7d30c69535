import { FIT_ROOM_PHRASES } from '../words/fit-room-phrases';
import { type SitRow, measuredNeeds, middleSetup, presentSetup, triedSettingsOf } from '@fulcra/core';
import { useDraft } from '../platform/use-draft';
import { Small } from '../ui/text';
import { useToast } from '../ui/toast';
import { setupLine } from '../words/setup-words';
import { ConsequencesPart, SchoolPicker } from '../visit';
import { Controls } from './controls/controls';
import { Tool, Tools } from './controls/room-tools';
import { REAL_LOAD_DRAFT, realLoadKey } from './model/real-load';
import { type FitRoom } from './model/use-room';
import { useChoosing } from './model/use-choosing';
import { type OpenSheet } from './room-sheets';
import { CriteriaTable } from './views/criteria-table';
import { SureLine } from './views/sure-line';
import { TriedList } from './views/tried-list';
import { TACK_STATE_WORDS } from '../words/tack-words';
import { useTackThing } from '../tack';

/** Everything that can be turned on this saddle, and what finds a better setting. */
export function ChangeIt({ fit, onOpen }: { readonly fit: FitRoom; readonly onOpen: (sheet: OpenSheet) => void }) {
  const { saddle, described, state, now, picture } = fit;
  const standing = useTackThing(saddle.id)?.shown ?? 'notChecked';
  const [real] = useDraft(realLoadKey(fit.visitId), REAL_LOAD_DRAFT, null);
  return (
    <>
      <Tools>
        <Tool label={FIT_ROOM_PHRASES.otherSaddle} onPress={() => onOpen('stock')} />
        <Tool label={FIT_ROOM_PHRASES.tryTheNeighbours} off={picture === null} onPress={() => onOpen('neighbours')} />
        <Tool label={FIT_ROOM_PHRASES.findTheBest} onPress={() => onOpen('best')} />
        <Tool label={FIT_ROOM_PHRASES.startFromThe} onPress={() => fit.putSetup(middleSetup(described, fit.naturalPlaceMm()))} />
        <Tool label={FIT_ROOM_PHRASES.asInStock} onPress={() => fit.putSetup(presentSetup(described, fit.naturalPlaceMm()))} />
        <Tool label={FIT_ROOM_PHRASES.evenTheFilling} off={described.build.panel.flock.stepMm <= 0} onPress={() => onOpen('flock')} />
        <Tool label={FIT_ROOM_PHRASES.whichShims} onPress={() => onOpen('shims')} />
      </Tools>
      <Small>
        {saddle.maker}; {saddle.whereabouts}; {TACK_STATE_WORDS[standing]}. {setupLine(described, state.setup)}.
      </Small>
      <Controls state={now} saddle={described} rider={fit.rider} real={real} onChange={fit.put} onSlide={fit.slide} />
    </>
  );
}

/** What of the horse bears on its saddle rather than on how it is handled. */
const FOR_THE_SADDLE = ['TIME_OFF', 'CLIPPED', 'BARE_SPINE'] as const;

/** Each number with its verdict, how sure it is, and whose rules they are. */
export function Criteria({ fit, onRow }: { readonly fit: FitRoom; readonly onRow: (row: SitRow) => void }) {
  const { picture, loaded, asked, input } = fit;
  return (
    <>
      {picture === null ? null : (
        <>
          <CriteriaTable picture={picture} shownId={fit.shownId} onRow={onRow} />
          <SureLine asked={asked} input={input} />
        </>
      )}
      <ConsequencesPart loaded={loaded} only={FOR_THE_SADDLE} />
      <SchoolPicker
        value={loaded.page.visit.schoolId}
        has={measuredNeeds(loaded.measured)}
        onChange={({ id }) => void loaded.change({ schoolId: id })}
      />
    </>
  );
}

/** What was kept at this visit, to be laid on again, chosen or dropped. */
export function Tried({ fit }: { readonly fit: FitRoom }) {
  const toast = useToast();
  const { loaded, saddles, now, put } = fit;
  const { chosenId, choose } = useChoosing(fit);
  const { facts } = loaded.page;
  const drop = async (triedId: string): Promise<void> => {
    if (await loaded.withdrawFact(triedId)) toast({ text: FIT_ROOM_PHRASES.removed, undo: () => void loaded.withdrawFact(triedId, false) });
  };
  return (
    <TriedList
      tried={triedSettingsOf(facts)}
      chosenId={chosenId}
      saddles={saddles}
      onPutOn={(t) => {
        if (saddles.some((s) => s.id === t.saddleId)) put({ ...now, saddleId: t.saddleId, setup: t.setup, rider: t.rider, pose: t.pose });
      }}
      onChoose={(t) => void choose(t.id)}
      onDrop={(t) => void drop(t.id)}
    />
  );
}
