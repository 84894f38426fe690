/** What a notebook answered, by the field it stood in: what is sent back from it gets further than the door. */
export class Known {
  private readonly byField = new Map<string, Set<unknown>>();
  private readonly found = new Set<string>();

  /** Keeps so many values of a field; a notebook has thousands of readings. */
  constructor(private readonly most = 40) {}

  /** Those who ask are not asked about: switched off, they could ask nothing more. */
  spare(ids: readonly string[]): void {
    for (const id of ids) this.found.delete(id);
    for (const values of this.byField.values()) for (const id of ids) values.delete(id);
  }

  /** Ids of things that are there. */
  get ids(): readonly string[] {
    return [...this.found];
  }

  of(field: string): readonly unknown[] {
    return [...(this.byField.get(field) ?? [])];
  }

  take(answer: unknown): void {
    const left: unknown[] = [answer];
    for (let next = left.pop(); next !== undefined; next = left.pop()) {
      if (typeof next !== 'object' || next === null) continue;
      for (const [field, value] of Object.entries(next)) {
        this.keep(field, value);
        if (typeof value === 'object' && value !== null) left.push(value);
      }
    }
  }

  private keep(field: string, value: unknown): void {
    if (typeof value === 'string' && UUID.test(value)) this.found.add(value);
    const values = this.byField.get(field) ?? new Set();
    if (values.size < this.most) values.add(value);
    this.byField.set(field, values);
  }
}

const UUID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;
