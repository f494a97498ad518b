// The bench's one state: what is shown, and who wants to know when it changes.

export function createState(initial) {
  const values = { ...initial };
  const listeners = [];
  const read = Object.freeze(Object.defineProperties({}, Object.fromEntries(
    Object.keys(values).map((key) => [key, { get: () => values[key], enumerable: true }]))));
  return {
    get(key) {
      if (!(key in values)) throw new Error(`the state has no ${key}`);
      return values[key];
    },
    // The only place where anything changes; those who listen are told of what did
    set(changes) {
      const changed = new Set();
      for (const [key, value] of Object.entries(changes)) {
        if (!(key in values)) throw new Error(`the state has no ${key}`);
        if (values[key] !== value) { values[key] = value; changed.add(key); }
      }
      if (changed.size) for (const [keys, tell] of listeners) if (keys.some((key) => changed.has(key))) tell(read, changed);
    },
    // Calls `tell` with the state, to be read, and the keys that changed, after any of `keys` did
    on(keys, tell) {
      for (const key of keys) if (!(key in values)) throw new Error(`the state has no ${key}`);
      listeners.push([keys, tell]);
    },
  };
}
