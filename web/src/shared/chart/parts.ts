import type { Draw } from './options';

/** A chart of a picture that is saved. */
export interface DrawnPart {
  readonly title: string;
  readonly draw: Draw;
  readonly height: number;
}

/** Room for the title of a chart in a picture. */
export const TITLE_px = 20;
