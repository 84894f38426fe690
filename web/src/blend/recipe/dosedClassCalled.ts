import { findDosedClass, readName } from '@bent-pail/core';

/** The class of what is dosed that a name surely means. */
export const dosedClassCalled = (name: string): string | undefined =>
  findDosedClass(readName(name).preset?.classId ?? '')?.id;
