import { useSearchParams } from 'react-router';

/** What a list is asked for, as it stands in the address: it can be kept, sent and gone back to. */
export function useAsked<K extends string>(
  keys: readonly K[],
): readonly [Readonly<Partial<Record<K, string>>>, (key: K, value: string) => void] {
  const [params, setParams] = useSearchParams();
  const asked = Object.fromEntries(
    keys.flatMap((key) => {
      const value = params.get(key) ?? '';
      return value.trim() === '' ? [] : [[key, value]];
    }),
  ) as Partial<Record<K, string>>;
  const ask = (key: K, value: string): void => {
    setParams(
      (before) => {
        if (value === '') before.delete(key);
        else before.set(key, value);
        return before;
      },
      { replace: true },
    );
  };
  return [asked, ask];
}
