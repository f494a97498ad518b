// What figures are drawn with: a painted skin, an outline that stands off it, flat inks.
import * as THREE from "../../vendor/three.js";

export const PAPER = "#f3efe6";
const BAND = "#ece3cf";

// Edges of what is painted come from distances that each vertex carries, one pixel soft
export function painted(color) {
  const material = new THREE.MeshLambertMaterial({ color, vertexColors: true });
  const band = new THREE.Color(BAND);
  material.onBeforeCompile = (shader) => {
    shader.uniforms.band = { value: band };
    shader.vertexShader = shader.vertexShader
      .replace("#include <common>", "#include <common>\nattribute vec4 paint; varying vec4 vPaint;")
      .replace("#include <begin_vertex>", "#include <begin_vertex>\nvPaint = paint;");
    shader.fragmentShader = shader.fragmentShader
      .replace("#include <common>", "#include <common>\nvarying vec4 vPaint; uniform vec3 band;")
      .replace("#include <color_fragment>", `#include <color_fragment>
        vec4 px = max(fwidth(vPaint), 1e-5);
        vec3 pale = band * vColor.r;
        diffuseColor.rgb = mix(diffuseColor.rgb, mix(diffuseColor.rgb, pale, 0.6), clamp(vPaint.z / px.z + 0.5, 0.0, 1.0));
        float line = max(1.0 - clamp((abs(vPaint.y) - 0.0022) / px.y + 0.5, 0.0, 1.0), 1.0 - clamp((abs(vPaint.w) - 0.0022) / px.w + 0.5, 0.0, 1.0));
        diffuseColor.rgb *= 1.0 - 0.4 * line;
        diffuseColor.rgb = mix(diffuseColor.rgb, pale, clamp(vPaint.x / px.x + 0.5, 0.0, 1.0));`);
  };
  return material;
}

// A skin's own colours: a material for each of its groups, with its picture where it has one. The geometry has a tint
export function worn({ groups, images }) {
  return groups.map(([, , picture]) => {
    const image = images[picture] ?? null, map = image && new THREE.Texture(image);
    if (map) Object.assign(map, { colorSpace: THREE.SRGBColorSpace, flipY: false, wrapS: THREE.RepeatWrapping, wrapT: THREE.RepeatWrapping, needsUpdate: true });
    const material = new THREE.MeshLambertMaterial({ map, side: THREE.DoubleSide });
    material.onBeforeCompile = (shader) => {
      shader.vertexShader = shader.vertexShader
        .replace("#include <common>", "#include <common>\nattribute vec3 tint; varying vec3 vTint;")
        .replace("#include <begin_vertex>", "#include <begin_vertex>\nvTint = tint;");
      shader.fragmentShader = shader.fragmentShader
        .replace("#include <common>", "#include <common>\nvarying vec3 vTint;")
        .replace("#include <color_fragment>", "#include <color_fragment>\ndiffuseColor.rgb *= vTint;");
    };
    return material;
  });
}

export function disposeWorn(materials) {
  for (const material of materials) { material.map?.dispose(); material.dispose(); }
}

// How far a point lies from where it is compared with: as the body is for nothing, brass at 8 cm, oxide from 30 cm on
export const CHANGED_M = [0.005, 0.08, 0.3];
export function differing(color) {
  const material = new THREE.MeshLambertMaterial({ color, vertexColors: true });
  material.onBeforeCompile = (shader) => {
    Object.assign(shader.uniforms, { some: { value: new THREE.Color("#B07D1E") }, much: { value: new THREE.Color("#9E3A1B") }, steps: { value: new THREE.Vector3(...CHANGED_M) } });
    shader.vertexShader = shader.vertexShader
      .replace("#include <common>", "#include <common>\nattribute float far; varying float vFar;")
      .replace("#include <begin_vertex>", "#include <begin_vertex>\nvFar = far;");
    shader.fragmentShader = shader.fragmentShader
      .replace("#include <common>", "#include <common>\nvarying float vFar; uniform vec3 some, much, steps;")
      .replace("#include <color_fragment>", `#include <color_fragment>
        vec3 ramp = mix(diffuse, some, smoothstep(steps.x, steps.y, vFar));
        diffuseColor.rgb = mix(ramp, much, smoothstep(steps.y, steps.z, vFar)) * vColor.r;`);
  };
  return material;
}

// Pushed out along the normals and seen from its far side: an outline as many metres wide as `wide.value` says, less in
// hollows, where it would show through
export function outlined(color, wide) {
  const material = new THREE.MeshBasicMaterial({ color, side: THREE.BackSide });
  material.onBeforeCompile = (shader) => {
    shader.uniforms.wide = wide;
    shader.vertexShader = shader.vertexShader
      .replace("#include <common>", "#include <common>\nuniform float wide; attribute vec3 color;")
      .replace("#include <begin_vertex>", "vec3 transformed = position + normal * wide * clamp((color.r - 0.7) / 0.22, 0.1, 1.0);");
  };
  return material;
}

export const flat = (color) => new THREE.MeshBasicMaterial({ color });
export const paper = () => new THREE.MeshBasicMaterial({ color: PAPER, polygonOffset: true, polygonOffsetFactor: 2, polygonOffsetUnits: 2 });
