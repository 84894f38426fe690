import type { Notebook } from './notebook';

/** Fields where somebody may type a small word alone. */
const TYPED = new Set([
  'aliases',
  'because',
  'blockIs',
  'caption',
  'feed',
  'grade',
  'light',
  'place',
  'plant',
  'reason',
  'source',
  'state',
]);

/** Everything that was typed into a notebook, longest first. A small word alone is a key, unless it stands in one of these. */
export async function typedWords(notebook: Notebook): Promise<readonly string[]> {
  const found = new Set<string>();
  const gather = (value: unknown, key: string): void => {
    if (typeof value === 'string') {
      if (!/^[a-z]+(-[a-z]+)*$/.test(value) || TYPED.has(key)) found.add(value.replace(/\s+/g, ' ').trim());
    } else if (Array.isArray(value)) value.forEach((one) => gather(one, key));
    else if (typeof value === 'object' && value !== null)
      for (const [name, one] of Object.entries(value)) gather(one, name);
  };
  const tables = await notebook.rows<{ name: string }>(
    `select table_name as name from information_schema.tables where table_schema = 'public' and table_type = 'BASE TABLE'`,
  );
  for (const { name } of tables)
    for (const { row } of await notebook.rows<{ row: unknown }>(`select to_jsonb(t) as row from "${name}" t`))
      gather(row, name);
  return [...found].filter((one) => /[A-Za-z]{2}/.test(one)).sort((a, b) => b.length - a.length);
}

const literally = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/** A text without what was typed. */
export function without(typed: readonly string[], text: string): string {
  let left = text;
  for (const one of typed)
    if (left.includes(one)) left = left.replace(new RegExp(`(?<![A-Za-z])${literally(one)}(?![A-Za-z])`, 'g'), ' ');
  return left;
}
