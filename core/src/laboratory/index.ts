/**
 * What comes back from a laboratory: a text, read into the sheet of a report line by line.
 * Oxides, ions and other units are converted in sight, each by its formula; what could mean two things is asked about.
 * The practice laboratory answers with made-up figures of the class, for those who learn.
 */
export { practiceReport } from './labReport';
export {
  readLabReport,
  type BelowLine,
  type ReportLine,
  type ReadReport,
  type ReportSettled,
  type UnreadReportLine,
} from './readReport';
export { readSampleRow, type SampleRead } from './sampleRow';
