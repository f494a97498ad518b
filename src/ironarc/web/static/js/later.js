// Work that waits until a field has been quiet for a while: each field has a timer of its own, so that none loses
// what another one waits for.

export function createLater(milliseconds, clock = window) {
  const timers = new Map();
  return (key, work) => {
    clock.clearTimeout(timers.get(key));
    timers.set(key, clock.setTimeout(() => { timers.delete(key); work(); }, milliseconds));
  };
}

// Work that is not to stand in the first picture's way
let drawn = () => {};
const pictured = new Promise((resolve) => { drawn = resolve; });
export const firstPictureDrawn = () => drawn();
export const afterFirstPicture = (work) => pictured.then(work);
