import { useEffect, useState } from 'react';
import { sealedStore } from '../platform/leaving/sealed-store';

/** How many entries people who signed out left sealed on this device. */
export function useSealedCount(): number {
  const [count, setCount] = useState(0);
  useEffect(() => {
    sealedStore
      .all()
      .then((rows) => setCount(rows.filter((row) => row.waits).length))
      .catch((error: unknown) => console.error('What is sealed on this device could not be counted.', error));
  }, []);
  return count;
}
