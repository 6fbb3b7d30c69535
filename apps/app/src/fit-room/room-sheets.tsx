import { type SitRow, type SaddleSetup } from '@fulcra/core';
import { type FitRoom } from './model/use-room';
import { NeighboursSheet } from './sheets/neighbours-sheet';
import { SEARCH_KINDS, type SearchKind, SearchSheet } from './sheets/search-sheet';
import { StockSheet } from './sheets/stock-sheet';
import { WorkingSheet } from './sheets/working-sheet';
import { type ViewId } from './views/room-views';

export type OpenSheet = 'neighbours' | 'stock' | SearchKind | null;

export interface RoomSheetsProps {
  readonly fit: FitRoom;
  readonly open: OpenSheet;
  readonly onClose: () => void;
  /** The criterion of which the working is asked. */
  readonly row: SitRow | null;
  readonly onRowClose: () => void;
  readonly onView: (view: ViewId) => void;
}

/** Everything that comes up over the room; what is taken there is laid on the horse and the sheet goes. */
export function RoomSheets({ fit, open, onClose, row, onRowClose, onView }: RoomSheetsProps) {
  const { picture, neighbours, asked, input, runner, now, loaded } = fit;
  const take = (setup: SaddleSetup): void => {
    fit.putSetup(setup);
    onClose();
  };
  return (
    <>
      {picture === null ? null : (
        <>
          <WorkingSheet row={row} picture={picture} neighbours={neighbours} onClose={onRowClose} onShow={onView} />
          <NeighboursSheet open={open === 'neighbours'} onClose={onClose} picture={picture} neighbours={neighbours} onTake={take} />
        </>
      )}
      <SearchSheet
        kind={SEARCH_KINDS.find((kind) => kind === open) ?? null}
        onClose={onClose}
        asked={asked}
        input={input}
        runner={runner}
        onTake={take}
      />
      <StockSheet
        open={open === 'stock'}
        onClose={onClose}
        visitId={fit.visitId}
        saddles={fit.saddles}
        input={input}
        ask={{ rider: now.rider, strapPullN: now.strapPullN, school: loaded.school }}
        onTake={(next, setup) => {
          fit.takeSaddle(next, setup);
          onClose();
        }}
      />
    </>
  );
}
