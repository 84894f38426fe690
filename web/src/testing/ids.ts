/** An id as the contract wants it, always the same one for a name. */
export function idOf(name: string): string {
  const hex = Array.from(name, (letter) => letter.charCodeAt(0).toString(16)).join('');
  return `00000000-0000-7000-8000-${hex.slice(-12).padStart(12, '0')}`;
}
