// Of many requests only the latest one counts: while one is under way, the newest waits; those between are dropped, and
// an answer that was asked for before a drop is not shown.

// ask(what) resolves once nothing is under way any more
export function latestOnly(send, show, failed) {
  let underWay = null, next = null, round = 0;

  async function run() {
    while (next) {
      const { what, of } = next;
      next = null;
      try {
        const answer = await send(what);
        if (of === round && !next) show(answer);
      } catch (error) { if (of === round) failed(error); }
    }
    underWay = null;
  }

  return {
    ask(what) {
      next = { what, of: round };
      underWay ??= run();
      return underWay;
    },
    drop() { round += 1; next = null; },
  };
}
