// Props as places: plain solids of paper with ink edges, their measures beside them, and the line they hang from.
import * as THREE from "../../vendor/three.module.js";
import { propRow } from "../scene.js";

const PAPER = "#e9e3d5", INK = "#4b4a45", PICKED = "#9E3A1B", QUIET = "#5f5e58";

// Geometry whose foot's middle is the origin, as the core has it
function shapeOf({ kind, size: [w, h, d] }) {
  if (kind === "ball") return new THREE.SphereGeometry(h / 2, 28, 18).translate(0, h / 2, 0);
  if (kind === "bar") return new THREE.CylinderGeometry(h / 2, h / 2, w, 16).rotateZ(Math.PI / 2).translate(0, h / 2, 0);
  if (kind !== "ramp") return new THREE.BoxGeometry(w, h, d).translate(0, h / 2, 0);
  // a wedge that climbs from nothing at -z to its height at +z
  const corner = (x, y, z) => [x * w / 2, y * h, z * d / 2];
  const [a, b, c, e, f, g] = [corner(-1, 0, -1), corner(1, 0, -1), corner(1, 0, 1), corner(-1, 0, 1), corner(1, 1, 1), corner(-1, 1, 1)];
  const faces = [a, b, c, a, c, e, a, g, f, a, f, b, e, c, f, e, f, g, b, f, c, a, e, g];
  const geometry = new THREE.BufferGeometry().setAttribute("position", new THREE.Float32BufferAttribute(faces.flat(), 3));
  geometry.computeVertexNormals();
  return geometry;
}

const cm = (metres) => Math.round(metres * 100);

function measureText({ kind, name, size: [w, h, d] }) {
  if (kind === "ball") return `${name}  ⌀ ${cm(h)} cm`;
  if (kind === "bar") return `${name}  ${cm(w)} cm long, ⌀ ${cm(h)}`;
  return `${name}  ${cm(w)} × ${cm(h)} × ${cm(d)} cm`;
}

// Words that keep their size on the screen
export function label(text, color = QUIET) {
  const canvas = document.createElement("canvas"), scale = 2, font = `500 ${13 * scale}px "IBM Plex Sans", sans-serif`;
  const draw = canvas.getContext("2d");
  draw.font = font;
  canvas.width = Math.ceil(draw.measureText(text).width) + 12 * scale;
  canvas.height = 20 * scale;
  draw.font = font;
  draw.fillStyle = "rgb(251 249 244 / 0.86)";
  draw.fillRect(0, 0, canvas.width, canvas.height);
  draw.fillStyle = color;
  draw.textBaseline = "middle";
  draw.fillText(text, 6 * scale, canvas.height / 2);
  const texture = new THREE.CanvasTexture(canvas);
  texture.colorSpace = THREE.SRGBColorSpace;
  const sprite = new THREE.Sprite(new THREE.SpriteMaterial({ map: texture, depthTest: false, sizeAttenuation: false }));
  sprite.renderOrder = 12;
  sprite.userData.pixels = [canvas.width / scale, canvas.height / scale];
  return sprite;
}

export function createProps(scene) {
  let built = [];

  function clear() {
    for (const { group } of built) {
      scene.remove(group);
      group.traverse((node) => { node.geometry?.dispose(); node.material?.map?.dispose(); node.material?.dispose(); });
    }
    built = [];
  }

  function build(prop) {
    const group = new THREE.Group(), body = new THREE.Group();
    const solid = new THREE.Mesh(shapeOf(prop), new THREE.MeshStandardMaterial({ color: PAPER, roughness: 0.95, polygonOffset: true, polygonOffsetFactor: 1, polygonOffsetUnits: 1 }));
    solid.userData.item = prop.id;
    body.add(solid);
    const edges = prop.kind === "ball" ? null : new THREE.LineSegments(new THREE.EdgesGeometry(solid.geometry, 30), new THREE.LineBasicMaterial({ color: INK }));
    if (edges) body.add(edges);
    const words = label(measureText(prop));
    group.add(body, words);
    let line = null;
    if (prop.hung_from) {
      line = new THREE.Line(new THREE.BufferGeometry().setAttribute("position", new THREE.Float32BufferAttribute(6, 3)), new THREE.LineBasicMaterial({ color: INK }));
      group.add(line);
    }
    scene.add(group);
    return { prop, group, body, solid, edges, words, line };
  }

  const top = new THREE.Vector3();
  return {
    setScene(setup) { clear(); built = setup.props.map(build); },
    show(setup, frame, { visible, picked, shift, shiftId }) {
      for (const { prop, group, body, solid, edges, words, line } of built) {
        group.visible = visible && !prop.hidden;
        const [x, y, z, qw, qx, qy, qz] = propRow(setup, prop, frame);
        body.matrixAutoUpdate = false;
        body.matrix.compose(top.set(x, y, z).clone(), new THREE.Quaternion(qx, qy, qz, qw), new THREE.Vector3(1, 1, 1));
        if (shift && shiftId === prop.id) body.matrix.premultiply(shift);
        body.matrixWorldNeedsUpdate = true;
        top.set(0, prop.size[1], 0).applyMatrix4(body.matrix);
        words.position.copy(top).add(new THREE.Vector3(0, 0.1, 0));
        if (line) {
          line.geometry.attributes.position.setXYZ(0, ...prop.hung_from);
          line.geometry.attributes.position.setXYZ(1, top.x, top.y, top.z);
          line.geometry.attributes.position.needsUpdate = true;
          line.frustumCulled = false;
        }
        (edges ?? solid).material.color.set(picked === prop.id ? PICKED : edges ? INK : PAPER);
      }
    },
    // Words keep their size: one pixel is `unit` at unit distance (perspective), or everywhere (square on)
    keepSize(camera, height) {
      const unit = camera.isOrthographicCamera ? (camera.top - camera.bottom) / camera.zoom / height : 2 * Math.tan(THREE.MathUtils.degToRad(camera.fov / 2)) / height;
      for (const { words } of built) {
        words.material.sizeAttenuation = camera.isOrthographicCamera;
        words.scale.set(words.userData.pixels[0] * unit, words.userData.pixels[1] * unit, 1);
      }
    },
    hit(raycaster) {
      const solids = built.filter((b) => b.group.visible).map((b) => b.solid);
      return raycaster.intersectObjects(solids)[0]?.object.userData.item ?? null;
    },
  };
}
