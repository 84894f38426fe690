import { CoreError } from '../errors';
import { likeClass, likenessOf } from './likeness';
import type { MediaClass } from './mediaClass';
import { MEDIA_CLASS_NAMES, type MediaClassName } from './mediaClassNames';
import table from './media-classes.json';

type Figures = Omit<MediaClass, keyof MediaClassName> & Pick<MediaClassName, 'id'>;

const figuresById = new Map((table.classes as unknown as readonly Figures[]).map((figures) => [figures.id, figures]));

/** All classes of media, in the order of the table. */
export const MEDIA_CLASSES: readonly MediaClass[] = MEDIA_CLASS_NAMES.flatMap((name) => {
  const figures = figuresById.get(name.id);
  return figures === undefined ? [] : [{ ...figures, ...name }];
});

const byId = new Map(MEDIA_CLASSES.map((mediaClass) => [mediaClass.id, mediaClass]));

/** What was asked for of likenesses, kept: each is put together from many classes. */
const likeById = new Map<string, MediaClass>();

/** The class with this id, or what stands for one where only a likeness is known; undefined for neither. */
export function findMediaClass(id: string): MediaClass | undefined {
  const known = byId.get(id) ?? likeById.get(id);
  if (known !== undefined) return known;
  const likeness = likenessOf(id);
  if (likeness === undefined) return undefined;
  const made = likeClass(likeness, MEDIA_CLASSES);
  likeById.set(id, made);
  return made;
}

/** The class with this id; throws `unknown` at `path` otherwise. */
export function mediaClassById(id: string, path: string): MediaClass {
  const found = findMediaClass(id);
  if (found === undefined) {
    throw new CoreError('unknown', path, `there is no class "${id}"; for example "peat-light-fine" or "pumice-coarse"`);
  }
  return found;
}
