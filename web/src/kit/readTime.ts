/** The time that a text means, as 08:30; `undefined` where it is none. */
export function readTime(text: string): string | undefined {
  const found = /^(\d{1,2})(?:[:.h ]?(\d{2}))?$/.exec(text.trim());
  if (found === null) return undefined;
  const [hours, minutes] = [Number(found[1]), Number(found[2] ?? '0')];
  if (hours > 23 || minutes > 59) return undefined;
  return `${String(hours).padStart(2, '0')}:${String(minutes).padStart(2, '0')}`;
}
