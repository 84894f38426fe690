/**
 * Letters of groups: two that share one cannot be told apart. By inserting and absorbing, as few as can be.
 *
 * `differs(i, j)` of groups in the order in which letters are given, largest first.
 * Source: Piepho (2004). Example: three groups of which only the first and last differ: a, ab, b.
 */
export function lettersOf(count: number, differs: (i: number, j: number) => boolean): string[] {
  let columns: boolean[][] = [new Array<boolean>(count).fill(true)];
  for (let i = 0; i < count; i += 1)
    for (let j = i + 1; j < count; j += 1)
      if (differs(i, j)) columns = absorbed(columns.flatMap((column) => split(column, i, j)));
  const ordered = columns.sort(
    (a, b) => a.indexOf(true) - b.indexOf(true) || a.lastIndexOf(true) - b.lastIndexOf(true),
  );
  return Array.from({ length: count }, (_, i) =>
    ordered.flatMap((column, letter) => (column[i] === true ? letterOf(letter) : [])).join(''),
  );
}

/** A letter that two groups which differ would share becomes two letters, each without one of them. */
function split(column: readonly boolean[], i: number, j: number): boolean[][] {
  if (!(column[i] === true && column[j] === true)) return [[...column]];
  return [i, j].map((without) => column.map((has, at) => has && at !== without));
}

/** Letters whose groups are all in another letter say nothing. */
function absorbed(columns: readonly boolean[][]): boolean[][] {
  const isIn = (one: readonly boolean[], other: readonly boolean[]): boolean =>
    one.every((has, i) => !has || other[i] === true);
  return columns.filter(
    (column, at) => !columns.some((other, i) => i !== at && isIn(column, other) && (!isIn(other, column) || i < at)),
  );
}

const ALPHABET = 'abcdefghijklmnopqrstuvwxyz';
const letterOf = (n: number): string =>
  n < ALPHABET.length
    ? (ALPHABET[n] as string)
    : `${ALPHABET[n % ALPHABET.length] ?? ''}${String(Math.floor(n / ALPHABET.length))}`;
