// What a person would share of the bench, in its address.

export function keepAddress(state, setup) {
  const address = new URL(window.location.href);
  // frame, step and selection belong in the address, so that a link shows the same moment; written when things are at rest
  let addressTimer = 0;
  state.on(["frame", "step", "who", "pick", "view3d"], () => {
    clearTimeout(addressTimer);
    addressTimer = setTimeout(() => {
      for (const key of ["frame", "step", "who", "pick"]) address.searchParams.set(key, state.get(key));
      // the free view is nobody else's: it is where one's own hand left it
      if (state.get("view3d") === "free") address.searchParams.delete("view");
      else address.searchParams.set("view", state.get("view3d"));
      if (!state.get("pick")) address.searchParams.delete("pick");
      if (setup.performers.length < 2) address.searchParams.delete("who");
      window.history.replaceState(null, "", address);
    }, 250);
  });
}
