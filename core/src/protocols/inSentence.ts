/**
 * A label as it stands inside a sentence: its first letter small, unless the word is a symbol (pH, EC) or a name.
 * Example: inSentence("Dried at 103–105 °C") is "dried at 103–105 °C"; inSentence("EC of the rinse") stays.
 */
export function inSentence(label: string): string {
  return /^[A-Z][a-z ,]/.test(label) ? label.charAt(0).toLowerCase() + label.slice(1) : label;
}
