import fc from 'fast-check';

/** Numbers at which something may break. */
export const oddNumber = fc.oneof(
  fc.double(),
  fc.integer(),
  fc.constantFrom(0, -0, 1e-320, 1e308, -1e308, 2 ** 53, 2 ** 31, -1, 0.1, 1e15),
);

/** Texts at which something may break: other directions and widths, zero bytes, formulas, questions to a database. */
export const oddText = fc.oneof(
  fc.string({ unit: 'binary', maxLength: 40 }),
  fc.string({ unit: 'grapheme', maxLength: 20 }),
  fc.constantFrom(
    ...['', ' ', 'a\u0000b', '\u202Egnirts', 'zero\u200Bwidth', '\uFEFF', '\uD800', 'e\u0301'.repeat(200)],
    ...['2026-02-30', '2026-11-24T08:00:00Z', '0000-00-00', '9999-12-31T23:59:60Z', '-271821-04-20'],
    ...['=1+1', '@SUM(A1)', "'; drop table lots; --", '%ZZ', '../../etc/passwd', '<img src=x onerror=alert(1)>'],
    ...['__proto__', 'constructor', 'NaN', 'Infinity', '1e999', '0x10', '１２', '1,5', 'null', '${7*7}'],
  ),
  fc.string({ minLength: 1, maxLength: 1 }).map((one) => one.repeat(3000)),
);

export const oddLeaf = fc.oneof(oddNumber, oddText, fc.boolean(), fc.constant(null), fc.constant([]), fc.constant({}));

/** Brackets inside each other, deeper than any body of ours. */
export function deep(depth: number): unknown {
  let inside: unknown = 1;
  for (let i = 0; i < depth; i += 1) inside = i % 2 === 0 ? [inside] : { a: inside };
  return inside;
}

/** What is done to a body that would be taken, so that it may not be. */
export type Twist =
  | { readonly kind: 'none' }
  | { readonly kind: 'replace' | 'drop' | 'add'; readonly at: number; readonly with: unknown; readonly name: string };

export const twist: fc.Arbitrary<Twist> = fc.oneof(
  { weight: 4, arbitrary: fc.constant<Twist>({ kind: 'none' }) },
  {
    weight: 6,
    arbitrary: fc.record({
      kind: fc.constantFrom('replace' as const, 'drop' as const, 'add' as const),
      at: fc.nat({ max: 1000 }),
      with: fc.oneof({ weight: 9, arbitrary: oddLeaf }, { weight: 1, arbitrary: fc.nat({ max: 400 }).map(deep) }),
      name: fc.oneof(fc.constantFrom('__proto__', 'constructor', 'id', 'version', 'x'), oddText),
    }),
  },
);

interface Place {
  readonly holder: Record<string, unknown>;
  readonly key: string;
}

/** Every field of a body, those inside others too. */
function placesIn(body: unknown): Place[] {
  const places: Place[] = [];
  const left: unknown[] = [body];
  for (let next = left.pop(); next !== undefined; next = left.pop()) {
    if (typeof next !== 'object' || next === null) continue;
    const holder = next as Record<string, unknown>;
    for (const key of Object.keys(holder)) {
      places.push({ holder, key });
      left.push(holder[key]);
    }
  }
  return places;
}

/** A body with its twist; what comes in stays as it is. */
export function twisted(body: unknown, how: Twist): unknown {
  if (how.kind === 'none') return body;
  const copy: unknown = structuredClone(body);
  const places = placesIn(copy);
  const place = places[how.at % Math.max(1, places.length)];
  if (place === undefined) return how.with;
  if (how.kind === 'replace') place.holder[place.key] = how.with;
  else if (how.kind === 'drop') Reflect.deleteProperty(place.holder, place.key);
  // As a field of its own, which an assignment to this name would not be.
  else Object.defineProperty(place.holder, how.name, { value: how.with, enumerable: true, configurable: true });
  return copy;
}
