import { type DecisionWrite, type HorseWrite, type TakeWrite, type VisitWrite } from '@fulcra/contract';

/** Everything this application ever writes. Each may be sent any number of times with one effect. */
export type Write =
  | { readonly kind: 'horse'; readonly horseId: string; readonly body: HorseWrite }
  | { readonly kind: 'visit'; readonly visitId: string; readonly body: VisitWrite }
  | { readonly kind: 'take'; readonly visitId: string; readonly takeId: string; readonly body: TakeWrite }
  | { readonly kind: 'withdrawal'; readonly visitId: string; readonly takeId: string; readonly body: { readonly withdrawn: boolean } }
  | { readonly kind: 'decision'; readonly visitId: string; readonly body: DecisionWrite };

export function pathOf(write: Write): string {
  switch (write.kind) {
    case 'horse':
      return `/api/horses/${write.horseId}`;
    case 'visit':
      return `/api/visits/${write.visitId}`;
    case 'take':
      return `/api/visits/${write.visitId}/takes/${write.takeId}`;
    case 'withdrawal':
      return `/api/visits/${write.visitId}/takes/${write.takeId}/withdrawn`;
    case 'decision':
      return `/api/visits/${write.visitId}/decision`;
  }
}
