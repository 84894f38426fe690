import { IsUUID } from 'class-validator';

import { IsWords } from './decorators';

export class NewNote {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsWords(2000, 'Write the note, in 1 to 2000 letters.')
  text!: string;
}

export interface RunNote {
  readonly id: string;
  readonly text: string;
  readonly by: string;
  readonly keptAt: string;
}

/** A photo without its picture, which has an address of its own. */
export interface RunPhoto {
  readonly id: string;
  readonly caption: string;
  readonly width: number;
  readonly height: number;
  readonly by: string;
  readonly keptAt: string;
}
