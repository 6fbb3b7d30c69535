import {
  type DecisionWrite,
  type FactWrite,
  type HorseWrite,
  type PhotoWrite,
  type RiderWrite,
  type SaddleWrite,
  type TakeWrite,
  type VisitWrite,
} from '@fulcra/contract';

/** Everything this application ever writes. Each may be sent any number of times with one effect. */
export type Write =
  | { readonly kind: 'horse'; readonly horseId: string; readonly body: HorseWrite }
  | { readonly kind: 'rider'; readonly riderId: string; readonly body: RiderWrite }
  | { readonly kind: 'saddle'; readonly saddleId: string; readonly body: SaddleWrite }
  | { readonly kind: 'visit'; readonly visitId: string; readonly body: VisitWrite }
  | { readonly kind: 'take'; readonly visitId: string; readonly takeId: string; readonly body: TakeWrite }
  | { readonly kind: 'withdrawal'; readonly visitId: string; readonly takeId: string; readonly body: { readonly withdrawn: boolean } }
  | { readonly kind: 'fact'; readonly visitId: string; readonly factId: string; readonly body: FactWrite }
  | { readonly kind: 'factWithdrawal'; readonly visitId: string; readonly factId: string; readonly body: { readonly withdrawn: boolean } }
  | { readonly kind: 'photo'; readonly visitId: string; readonly photoId: string; readonly body: PhotoWrite }
  | { readonly kind: 'saddlePhoto'; readonly saddleId: string; readonly photoId: string; readonly body: PhotoWrite }
  | { readonly kind: 'decision'; readonly visitId: string; readonly body: DecisionWrite };

/** Records whose fields several people may change; each write carries what it changed from. */
export type FieldsWrite = Extract<Write, { kind: 'horse' | 'rider' | 'saddle' | 'visit' }>;
export const isFieldsWrite = (write: Write): write is FieldsWrite =>
  write.kind === 'horse' || write.kind === 'rider' || write.kind === 'saddle' || write.kind === 'visit';

/** Writes whose picture follows in pieces. */
export type PictureWrite = Extract<Write, { kind: 'photo' | 'saddlePhoto' }>;
export const isPictureWrite = (write: Write): write is PictureWrite => write.kind === 'photo' || write.kind === 'saddlePhoto';

export function pathOf(write: Write): string {
  switch (write.kind) {
    case 'horse':
      return `/api/horses/${write.horseId}`;
    case 'rider':
      return `/api/riders/${write.riderId}`;
    case 'saddle':
      return `/api/saddles/${write.saddleId}`;
    case 'visit':
      return `/api/visits/${write.visitId}`;
    case 'take':
      return `/api/visits/${write.visitId}/takes/${write.takeId}`;
    case 'withdrawal':
      return `/api/visits/${write.visitId}/takes/${write.takeId}/withdrawn`;
    case 'fact':
      return `/api/visits/${write.visitId}/facts/${write.factId}`;
    case 'factWithdrawal':
      return `/api/visits/${write.visitId}/facts/${write.factId}/withdrawn`;
    case 'photo':
      return `/api/visits/${write.visitId}/photos/${write.photoId}`;
    case 'saddlePhoto':
      return `/api/saddles/${write.saddleId}/photos/${write.photoId}`;
    case 'decision':
      return `/api/visits/${write.visitId}/decision`;
  }
}
