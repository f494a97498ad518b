// What the stage uses of three.js: the vendor script bundles just this, minified, as vendor/three.js.
export {
  BackSide, Box3, BoxGeometry, BufferAttribute, BufferGeometry, CanvasTexture, CatmullRomCurve3, Color, ConeGeometry,
  CylinderGeometry, DirectionalLight, DoubleSide, DynamicDrawUsage, EdgesGeometry, Float32BufferAttribute, Group, HemisphereLight,
  InstancedMesh, Line, LineBasicMaterial, LineSegments, MathUtils, Matrix4, Mesh, MeshBasicMaterial,
  MeshLambertMaterial, OctahedronGeometry, OrthographicCamera, PerspectiveCamera, Plane, PlaneGeometry, Points,
  PointsMaterial, Quaternion, Raycaster, RepeatWrapping, RingGeometry, SRGBColorSpace, Scene, SphereGeometry,
  Sprite, SpriteMaterial, Texture, TubeGeometry, Vector2, Vector3, WebGLRenderer,
} from "three";
export { OrbitControls } from "three/examples/jsm/controls/OrbitControls.js";
