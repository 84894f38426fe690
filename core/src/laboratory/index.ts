/**
 * What comes back from a laboratory: a text, read into the sheet of a report line by line.
 * Nothing is converted or guessed: what is not plainly the sheet's own element and unit is shown and left out.
 * The practice laboratory answers with made-up figures of the class, for those who learn.
 */
export { practiceReport } from './labReport';
export { readLabReport, type ReadReport } from './readReport';
