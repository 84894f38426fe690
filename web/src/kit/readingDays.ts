type ReadDay = (text: string, today: Date) => string | undefined;

let known: ReadDay | undefined;

/**
 * Calls `then` with what reads a written day: at once where it has come already, else when it comes. Most pages only show
 * days, so it comes with the first field for one that is entered.
 */
export function readingDays(then?: (read: ReadDay) => void, sorry?: (sentence: string) => void): void {
  if (known !== undefined) {
    then?.(known);
    return;
  }
  import('./readDay').then(
    ({ readDay }) => {
      known = readDay;
      then?.(readDay);
    },
    () => sorry?.('What reads a day did not come over the network. It stays as you wrote it: try again in a while.'),
  );
}
