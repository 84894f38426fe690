import { likenessOf, likenessWords } from './likeness';
import type { MediaClass } from './mediaClass';
import table from './media-class-names.json';

/** A class of media by name. Most pages only name classes: the other figures come with what calculates. */
export type MediaClassName = Pick<MediaClass, 'id' | 'label' | 'd50_mm'>;

/** All classes of media by name, in the order of the table of figures. */
export const MEDIA_CLASS_NAMES = table.classes as unknown as readonly MediaClassName[];

const byId = new Map(MEDIA_CLASS_NAMES.map((one) => [one.id, one]));

/** The name and grain of a class; undefined for what is none, a likeness too. */
export const findMediaClassName = (id: string): MediaClassName | undefined => byId.get(id);

/** What a class is called, or what a likeness says where only that is known; undefined for neither. */
export function mediaClassLabel(id: string): string | undefined {
  const likeness = likenessOf(id);
  return likeness === undefined ? byId.get(id)?.label : likenessWords(likeness);
}
