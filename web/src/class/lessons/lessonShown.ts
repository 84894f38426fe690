import type { OwnLesson } from '@bent-pail/contract';
import { LESSONS, type CautionKey, type Question } from '@bent-pail/core';

/** A lesson that ships or one's own, as this page shows it. */
export interface LessonShown {
  readonly key: string;
  readonly title: string;
  readonly aim: string;
  readonly minutes: number;
  readonly repeats: number;
  readonly sheet: string;
  readonly questions: readonly Question[];
  readonly materials: readonly string[];
  readonly cautions: readonly CautionKey[];
  readonly by: string | undefined;
}

/** One's own lesson has the things and cautions of those that ship with its sheet. */
export function lessonFor(key: string, own: readonly OwnLesson[]): LessonShown | undefined {
  const shipped = LESSONS.find((lesson) => lesson.key === key);
  if (shipped !== undefined) return { ...shipped, sheet: shipped.sheet.key, by: undefined };
  const kept = own.find((lesson) => lesson.key === key);
  const like = LESSONS.find(({ sheet }) => sheet.key === kept?.sheet);
  if (kept === undefined || like === undefined) return undefined;
  return { ...kept, materials: like.materials, cautions: like.cautions };
}
