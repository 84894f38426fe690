import type { ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { saveFile } from '../saveFile';
import { readInk } from './ink';
import type { DrawnPart } from './parts';
import { pngOf } from './pngOf';
import { svgOf } from './svgOf';

interface SavePictureProps {
  /** Of the file, without its ending. */
  readonly name: string;
  readonly parts: () => readonly DrawnPart[];
  readonly width: number;
}

/** Charts as a picture: lines for a report, points for a message. */
export const SavePicture = ({ name, parts, width }: SavePictureProps): ReactElement => (
  <>
    <Button
      look="small"
      onClick={() => {
        void svgOf(parts(), width, readInk(document.body)).then((svg) => {
          saveFile(`${name}.svg`, svg, 'image/svg+xml');
        });
      }}
    >
      Picture as SVG
    </Button>
    <Button
      look="small"
      onClick={() => {
        void pngOf(parts(), width, readInk(document.body)).then((png) => {
          saveFile(`${name}.png`, png, 'image/png');
        });
      }}
    >
      as PNG
    </Button>
  </>
);
