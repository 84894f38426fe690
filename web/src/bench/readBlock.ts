/** Cells of a spreadsheet as they come by the clipboard: lines down, tabs across. A single value is no block. */
export function readBlock(text: string): readonly (readonly string[])[] | undefined {
  const lines = text.replace(/\r\n?/g, '\n').replace(/\n+$/, '').split('\n');
  const block = lines.map((line) => line.split('\t').map((cell) => cell.trim()));
  return block.length > 1 || (block[0]?.length ?? 0) > 1 ? block : undefined;
}
