let guarded = false;

/** Turns the guard of what is handed out on or off: on in development and tests, since it costs time. */
export function guardHandedOut(on: boolean): void {
  guarded = on;
}

/**
 * What is only shown, and belongs to somebody else: where the guard is on, whoever changes it – or anything in
 * it, through an object, an array, a map or a set – gets an error instead.
 */
export const handedOut = <T>(value: T): T => (guarded ? readOnly(value) : value);

/** What never changes from now on: where the guard is on it is frozen, all the way down. */
export function settledForGood<T>(value: T): T {
  if (!guarded || typeof value !== 'object' || value === null || Object.isFrozen(value)) return value;
  Object.values(value).forEach(settledForGood);
  return Object.freeze(value);
}

const seen = new WeakMap<object, object>();
const changes: ReadonlySet<PropertyKey> = new Set(['set', 'add', 'delete', 'clear']);

const refused = (what: PropertyKey): never => {
  throw new TypeError(`What was handed out is only to be read: ${String(what)} would change it.`);
};

function readOnly<T>(value: T): T {
  // What is frozen guards itself.
  if (typeof value !== 'object' || value === null || Object.isFrozen(value)) return value;
  const known = seen.get(value);
  if (known) return known as T;
  const proxy = new Proxy(value, {
    get: (target, key) =>
      isCollection(target) ? ofCollection(target, key) : readOnly(Reflect.get(target, key)),
    set: (_, key) => refused(key),
    defineProperty: (_, key) => refused(key),
    deleteProperty: (_, key) => refused(key),
    setPrototypeOf: () => refused('prototype'),
  });
  seen.set(value, proxy);
  seen.set(proxy, proxy);
  return proxy as T;
}

type Collection = Map<unknown, unknown> | Set<unknown>;
const isCollection = (value: unknown): value is Collection => value instanceof Map || value instanceof Set;

/** Members of a map or set work on itself, and hand on what they find for reading only. */
function ofCollection(target: Collection, key: PropertyKey): unknown {
  const member: unknown = Reflect.get(target, key, target);
  if (typeof member !== 'function' || key === 'constructor') return member;
  if (changes.has(key)) return () => refused(key);
  const own = member as (...given: unknown[]) => unknown;
  switch (key) {
    case 'get':
      return (one: unknown) => readOnly(own.call(target, one));
    case 'forEach':
      return (each: (...given: unknown[]) => void) =>
        (target as Map<unknown, unknown>).forEach((value, at) => each(readOnly(value), at));
    case 'values':
    case 'keys':
    case 'entries':
    case Symbol.iterator:
      return () => handOn(own.call(target) as Iterable<unknown>);
    default:
      return own.bind(target);
  }
}

function* handOn(items: Iterable<unknown>): Generator {
  for (const item of items) yield Array.isArray(item) ? item.map(readOnly) : readOnly(item);
}
