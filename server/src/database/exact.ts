/** PostgreSQL gives numeric as text so that nothing is lost; money and litres here fit a double. */
export const exact = {
  to: (value: number | null) => value,
  from: (value: string | null) => (value === null ? null : Number(value)),
};
