// What the stage uses of three.js: the vendor script bundles just this, minified, as vendor/three.js.
export {
  Bone, Box3, BoxGeometry, BufferAttribute, BufferGeometry, CanvasTexture, CatmullRomCurve3, ConeGeometry,
  CylinderGeometry, DirectionalLight, DoubleSide, EdgesGeometry, Float32BufferAttribute, Group, HemisphereLight,
  InstancedMesh, Line, LineBasicMaterial, LineSegments, MathUtils, Matrix4, Mesh, MeshBasicMaterial,
  MeshLambertMaterial, OctahedronGeometry, OrthographicCamera, PerspectiveCamera, Plane, PlaneGeometry, Points,
  PointsMaterial, Quaternion, Raycaster, RingGeometry, SRGBColorSpace, Scene, Skeleton, SkinnedMesh, SphereGeometry,
  Sprite, SpriteMaterial, TubeGeometry, Uint16BufferAttribute, Vector2, Vector3, WebGLRenderer,
} from "three";
export { OrbitControls } from "three/examples/jsm/controls/OrbitControls.js";
