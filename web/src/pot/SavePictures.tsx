import type { WatchedPot } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Button } from '../kit/Button';
import type { DrawnPart } from '../shared/chart/parts';
import { SavePicture } from '../shared/chart/SavePicture';
import { saveFile } from '../shared/saveFile';
import { courseCsv } from './courseCsv';

interface SavePicturesProps {
  readonly name: string;
  readonly pot: WatchedPot;
  readonly parts: readonly DrawnPart[];
}

const WIDTH_px = 900;

/** A pot's course to take away: hour by hour as a table, and as it is drawn. */
export const SavePictures = ({ name, pot, parts }: SavePicturesProps): ReactElement => (
  <span className="flex gap-4 print:hidden">
    <Button
      look="small"
      onClick={() => {
        saveFile(`${name}.csv`, courseCsv(pot), 'text/csv;charset=utf-8');
      }}
    >
      Hour by hour as CSV
    </Button>
    <SavePicture name={name} parts={() => parts} width={WIDTH_px} />
    <Button
      look="small"
      onClick={() => {
        window.print();
      }}
    >
      Print
    </Button>
  </span>
);
