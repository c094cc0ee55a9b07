/** What JSON a statement past the mapper answers with: the driver reads what the database's JSON functions make, and leaves a column's text as it is. */
export function jsonOf<T>(value: unknown): T {
  return (typeof value === 'string' ? JSON.parse(value) : value) as T;
}
