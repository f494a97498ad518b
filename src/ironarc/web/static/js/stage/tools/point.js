// Points at beads and parts, and picks bodies and props.
import * as THREE from "../../../vendor/three.js";
import { performerOf, SETTING } from "../../scene.js";

const NEAR_PX = 18; // this near to a joint is on its body

export function createPointTool(canvas, { aim, state, setup, cameras, markers, props, actions, block }) {
  // The joint nearest on the screen, of these performers, if near enough: { performer, joint }
  function jointAt(event, performers) {
    const r = canvas.getBoundingClientRect(), at = new THREE.Vector3();
    let best = NEAR_PX, found = null;
    for (const performer of performers) {
      const motion = state.get("motions")[performer.id], { joints } = performer.figure;
      if (!motion || performer.hidden) continue;
      for (let j = 0; j < joints; j++) {
        const i = ((state.get("frame") - setup.first) * joints + j) * 7;
        at.set(motion[i], motion[i + 1], motion[i + 2]).project(cameras.current());
        const away = Math.hypot((at.x + 1) * r.width / 2 + r.left - event.clientX, (1 - at.y) * r.height / 2 + r.top - event.clientY);
        if (away < best) { best = away; found = { performer: performer.id, joint: j }; }
      }
    }
    return found;
  }

  return {
    hover(event, free) {
      const bead = free ? markers.beadAt(aim.raycaster) : null;
      state.set({ hover: bead === null ? null : setup.first + bead });
      if (state.get("step") === "weigh") state.set({ part: jointAt(event, [performerOf(setup, state.get("who"))])?.joint ?? null });
    },
    leave: () => state.set({ hover: null, part: null, dragSays: null }),
    click(event) {
      if (state.get("hover") !== null) { state.set({ frame: state.get("hover"), playing: false }); return; }
      if (state.get("step") === "block" && !event.shiftKey) block.letGo();
      if (!SETTING.has(state.get("step"))) return;
      const striking = state.get("step") === "strike";
      const found = striking ? props.hit(aim.raycaster) : jointAt(event, setup.performers)?.performer ?? props.hit(aim.raycaster);
      if (found) actions.pick(found);
    },
  };
}
