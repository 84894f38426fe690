/** A line longer than this is no line of an instrument; it is dropped up to its end. */
export const LONGEST_LINE = 120;

/**
 * Puts lines together from bytes as they come: in pieces, with CR, LF or both at the end, and with noise between.
 * Bytes outside printable ASCII are left out, as no instrument means anything by them.
 */
export class LineReader {
  private line = '';
  private tooLong = false;

  /** Takes some bytes and gives the lines that they complete, without their ends and without empty ones. */
  take(bytes: Uint8Array): string[] {
    const lines: string[] = [];
    for (const byte of bytes) {
      if (byte === 10 || byte === 13) {
        if (!this.tooLong && this.line.trim() !== '') lines.push(this.line.trim());
        this.line = '';
        this.tooLong = false;
      } else if (byte >= 32 && byte < 127) {
        if (this.line.length >= LONGEST_LINE) this.tooLong = true;
        else this.line += String.fromCharCode(byte);
      }
    }
    return lines;
  }
}
