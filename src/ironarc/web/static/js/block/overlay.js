// Poses drawn over the motion before they are saved. The motion comes anew with every answer; what stands over it is
// drawn again on it, and what was under it can be put back.

export function createOverlay() {
  const over = new Map(), under = new Map(); // "performer|index" → { pose, com }
  let motion = null, com = null, who = "";

  const name = (performer, index) => `${performer}|${index}`;
  const indexOf = (key) => Number(key.slice(key.lastIndexOf("|") + 1));
  const isShown = (key) => key.startsWith(`${who}|`);

  function write(key, { pose, com: place }) {
    const index = indexOf(key), at = index * pose.length;
    if (at + pose.length > motion.length) return;
    motion.set(pose, at);
    com[index] = place;
  }

  function draw(key) {
    const index = indexOf(key), size = over.get(key).pose.length, at = index * size;
    if (!motion || !isShown(key)) return;
    if (!under.has(key)) under.set(key, { pose: motion.slice(at, at + size), com: com[index] });
    write(key, over.get(key));
  }

  return {
    // answer : { pose : joints × 7 numbers, com : [x, y, z] }
    put(performer, index, answer) {
      const key = name(performer, index);
      over.set(key, answer);
      draw(key);
    },
    take(performer, index) {
      const key = name(performer, index);
      over.delete(key);
      if (under.has(key)) write(key, under.get(key));
      under.delete(key);
    },
    // Another motion of a performer, and its path, to draw on; stays(performer, index) says what still stands over it
    on(performer, nextMotion, nextCom, stays) {
      [who, motion, com] = [performer, nextMotion, nextCom];
      under.clear();
      for (const key of [...over.keys()]) {
        if (stays(key.slice(0, key.lastIndexOf("|")), indexOf(key))) draw(key);
        else over.delete(key);
      }
    },
    get size() { return over.size; },
  };
}

