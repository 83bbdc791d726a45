/** A JSON column as the driver gives it: a text from some versions of the database, already read from others. */
export const fromJson = (value: unknown): unknown => (typeof value === 'string' ? JSON.parse(value) : value);
