// The bench's one state: what is shown, and who wants to know when it changes.

export function createState(initial) {
  const values = { ...initial };
  const listeners = [];
  return {
    get: (key) => values[key],
    set(changes) {
      const changed = new Set();
      for (const [key, value] of Object.entries(changes)) {
        if (values[key] !== value) { values[key] = value; changed.add(key); }
      }
      if (changed.size) for (const [keys, tell] of listeners) if (keys.some((key) => changed.has(key))) tell(values);
    },
    // Calls `tell` after any of `keys` changed
    on(keys, tell) { listeners.push([keys, tell]); },
  };
}
