import { PANEL_FIRST } from './panel-first';
import { ROOM_TO_MOVE } from './room-to-move';
import { type School, type SchoolId, SCHOOL_IDS } from './school';
import { SHOULDER_LINE } from './shoulder-line';
import { STATIC_CLOSE } from './static-close';
import { WESTERN } from './western';

const BY_ID: Readonly<Record<SchoolId, School>> = {
  'static-close': STATIC_CLOSE,
  'shoulder-line': SHOULDER_LINE,
  'room-to-move': ROOM_TO_MOVE,
  'panel-first': PANEL_FIRST,
  western: WESTERN,
};

export const SCHOOLS: readonly School[] = SCHOOL_IDS.map((id) => BY_ID[id]);
export const schoolById = (id: SchoolId): School => BY_ID[id];
