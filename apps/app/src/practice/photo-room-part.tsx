import { usePhotoRoom } from '../platform/use-views';
import { Small } from '../ui/text';
import { PRACTICE_PHRASES } from '../words/practice-phrases';
import { megabytesWords } from '../words/measure-words';

/** From here on it is said that the room runs out (default). */
const NEARLY_FULL = 0.9;

/** How much of the room for photos is used; nothing while the server hasn't said. */
export function PhotoRoomPart() {
  const { data } = usePhotoRoom();
  if (data === null) return null;
  const nearly = data.usedBytes >= NEARLY_FULL * data.quotaBytes;
  return (
    <>
      <Small>{PRACTICE_PHRASES.photoRoom(megabytesWords(data.usedBytes), megabytesWords(data.quotaBytes))}</Small>
      {nearly ? <Small color="$lookOut">{PRACTICE_PHRASES.photoRoomNearlyFull}</Small> : null}
    </>
  );
}
