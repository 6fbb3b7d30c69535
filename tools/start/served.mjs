import { watched } from '../database/watched.mjs';

/**
 * Runs the server. One that ends before it ever listened has a reason that starting it again won't mend (its database, its port), and ends
 * the start; one that listened and then ends by itself is started again, after a pause that grows, and given up after five in a row.
 * @param launch  starts it, with a channel on which it says that it listens; @returns its process
 * @param onListening  told once, when it first does
 * @param onEnd  told with a code when it is over for good
 * @returns the process as it runs now, and how to end the watch before ending it
 */
export function served({ launch, say, onListening, onEnd, ...pauses }) {
  let now = launch();
  let endWatch = null;
  const begin = (message) => {
    if (!message?.listening || endWatch !== null) return;
    const again = () => (now = launch());
    const onGivenUp = (times) => {
      say(`The server ended by itself ${times + 1} times in a row, so it isn't started again. Its last words stand above. Fulcra stops.`);
      onEnd(1);
    };
    endWatch = watched(now, { name: 'The server', launch: again, say, onGivenUp, ...pauses });
    onListening();
  };
  now.on('message', begin);
  now.once('exit', (code) => {
    if (endWatch === null) onEnd(code ?? 1);
  });
  return { current: () => now, leave: () => endWatch?.() };
}
