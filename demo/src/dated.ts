/** By whom and when: a clock time some days before the demo is loaded. */
export interface Dated {
  readonly by: string;
  readonly daysAgo: number;
  readonly at: string;
}
