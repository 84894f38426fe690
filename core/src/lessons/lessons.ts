import type { Lesson } from './lesson';
import { POT_LESSONS } from './potLessons';
import { STUFF_LESSONS } from './stuffLessons';

/** Lessons that ship, each of about fifty minutes, without an oven. */
export const LESSONS: readonly Lesson[] = Object.freeze([...POT_LESSONS, ...STUFF_LESSONS]);

export const lessonCalled = (key: string): Lesson | undefined => LESSONS.find((lesson) => lesson.key === key);
