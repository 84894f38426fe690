/** What a blend inside another one is called. */
export const versionName = (blend: string, n: number): string => `${blend}, version ${String(n)}`;
