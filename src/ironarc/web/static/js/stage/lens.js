// Shot cameras: where one stands on a frame, how wide its lens sees, and the frame of its picture on the stage.

export const PLACE = 0, AIM = 3, ROLL = 6, FOCAL = 7; // in a track's rows
const TALL = 0.9, WIDE = 0.94; // of the stage, that the picture takes at most
export const SAFE = [["action", 0.93], ["titles", 0.9]]; // of the picture, each way

// A camera's row on a frame of the shot
export const trackAt = (camera, index) => camera.track[Math.min(index, camera.track.length - 1)];

// Half the height of the picture, a metre from the lens
export const tallOf = (camera, focal) => camera.sensor / (2 * focal) / camera.aspect;

// How many times as much as the picture a stage of some shape shows upwards, so that all of the picture lies on it
export const roomOf = (aspect, shape) => Math.max(1 / TALL, aspect / (shape * WIDE));

// The picture's place on a stage of w × h pixels: { x, y, w, h }
export function pictureOn(aspect, w, h) {
  const high = h / roomOf(aspect, w / h), wide = high * aspect;
  return { x: (w - wide) / 2, y: (h - high) / 2, w: wide, h: high };
}

const shapes = [["16:9", 16 / 9], ["1.85", 1.85], ["2.39", 2.39], ["4:3", 4 / 3], ["square", 1], ["9:16", 9 / 16]];
export const shapeSays = (aspect) => shapes.find(([, value]) => Math.abs(value - aspect) < 0.005)?.[0] ?? aspect.toFixed(2);

// The frame of the picture drawn over the stage, with its safe areas
export function createLensFrame(after) {
  const holder = document.createElement("div"), frame = document.createElement("div"), says = document.createElement("p");
  holder.className = "lens hidden";
  frame.className = "lens-frame";
  for (const [name, share] of SAFE) {
    const area = document.createElement("div");
    area.className = "lens-safe";
    area.title = name;
    area.style.inset = `${((1 - share) / 2) * 100}%`;
    frame.append(area);
  }
  says.className = "lens-says num";
  frame.append(says);
  holder.append(frame);
  after.after(holder);
  return {
    // covered : pixels at the right that small views lie on, which stay as they are
    show(camera, row, w, h, covered) {
      holder.classList.toggle("hidden", !camera);
      if (!camera) return;
      const spot = pictureOn(camera.aspect, w - covered, h);
      holder.style.right = `${covered}px`;
      Object.assign(frame.style, { left: `${spot.x}px`, top: `${spot.y}px`, width: `${spot.w}px`, height: `${spot.h}px` });
      const words = `${camera.name} · ${row[FOCAL].toFixed(0)} mm · ${shapeSays(camera.aspect)}${camera.locked ? " · locked" : ""}`;
      if (says.textContent !== words) says.textContent = words;
    },
  };
}

// Where eyes as high as the camera's lie: a line over the stage from [x, y] to [x, y], in shares of its size
export function createHorizon(after) {
  const line = document.createElement("div");
  line.className = "horizon hidden";
  line.append(Object.assign(document.createElement("span"), { textContent: "horizon", className: "num" }));
  after.after(line);
  return {
    show(ends, w, h) {
      line.classList.toggle("hidden", !ends);
      if (!ends) return;
      const [[ax, ay], [bx, by]] = ends, turn = Math.atan2((by - ay) * h, (bx - ax) * w);
      // through the middle of the stage, wider than it at any slant
      const middle = ay + ((by - ay) * (0.5 - ax)) / (bx - ax || 1e-9);
      Object.assign(line.style, { top: `${middle * h}px`, width: `${2 * w}px`, left: `${-w / 2}px`, transform: `rotate(${turn}rad)` });
      line.firstChild.style.left = `${w / 2 + 8}px`;
    },
  };
}

// Small views at the stage's right, one over the other: { view, x, y, w, h } in pixels from the upper left
const SMALL = 0.24, LEAST_PX = 150, GAP_PX = 10, BELOW_PX = 56;
export function smallSpots(views, w, h) {
  if (!views.length) return [];
  const wide = Math.max(w * SMALL, LEAST_PX), high = Math.min(wide * 0.66, (h - BELOW_PX - GAP_PX * (views.length + 1)) / views.length);
  if (high < 40) return [];
  return views.map((view, i) => ({ view, x: w - wide - GAP_PX, y: BELOW_PX + i * (high + GAP_PX), w: wide, h: high }));
}
