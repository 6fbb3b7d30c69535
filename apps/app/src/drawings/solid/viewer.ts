import { Box3, type Group, HemisphereLight, DirectionalLight, Mesh, PerspectiveCamera, Scene, Vector3, WebGLRenderer } from 'three';
import { CSS2DObject, CSS2DRenderer } from 'three/examples/jsm/renderers/CSS2DRenderer.js';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';

export interface Viewer {
  readonly show: (group: Group) => void;
  /** Shows another thing in place of the last, seen from where one looks now. */
  readonly swap: (group: Group) => void;
  readonly turn: (aroundRad: number, overRad: number) => void;
  readonly reset: () => void;
  readonly close: () => void;
}

/** Draws when something moves, and rests otherwise: a phone's battery is short. */
export function openViewer(holder: HTMLElement, widthPx: number, heightPx: number, ground: string, onLost: () => void): Viewer {
  const renderer = new WebGLRenderer({ antialias: true });
  renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
  renderer.setSize(widthPx, heightPx);
  renderer.setClearColor(ground);
  holder.appendChild(renderer.domElement);
  const words = wordsOver(holder, widthPx, heightPx);
  const scene = new Scene();
  scene.add(new HemisphereLight('#ffffff', '#b9a88c', 2));
  const sun = new DirectionalLight('#ffffff', 1.4);
  sun.position.set(-300, 700, 500);
  scene.add(sun);
  const camera = new PerspectiveCamera(32, widthPx / heightPx, 10, 6000);
  const controls = new OrbitControls(camera, renderer.domElement);
  controls.enablePan = false;
  const draw = (): void => {
    renderer.render(scene, camera);
    words.render(scene, camera);
  };
  controls.addEventListener('change', draw);
  renderer.domElement.addEventListener('webglcontextlost', onLost);
  let shown: Group | null = null;
  const setRight = (): void => lookAtAll(scene, camera, controls);
  return {
    show: (group) => {
      shown = group;
      scene.add(group);
      setRight();
      draw();
    },
    swap: (group) => {
      if (shown !== null) {
        scene.remove(shown);
        letGo(shown);
      }
      shown = group;
      scene.add(group);
      draw();
    },
    turn: (around, over) => {
      const offset = camera.position.clone().sub(controls.target);
      offset.applyAxisAngle(new Vector3(0, 1, 0), -around);
      offset.applyAxisAngle(new Vector3().crossVectors(offset, new Vector3(0, 1, 0)).normalize(), over);
      camera.position.copy(controls.target).add(offset);
      controls.update();
      draw();
    },
    reset: setRight,
    close: () => {
      renderer.domElement.removeEventListener('webglcontextlost', onLost);
      controls.dispose();
      letGo(scene);
      renderer.dispose();
      renderer.domElement.remove();
      words.domElement.remove();
    },
  };
}

/** Words lie in the page over the drawing; a finger goes through them to what they name. */
function wordsOver(holder: HTMLElement, widthPx: number, heightPx: number): CSS2DRenderer {
  const words = new CSS2DRenderer();
  words.setSize(widthPx, heightPx);
  Object.assign(words.domElement.style, { position: 'absolute', top: '0', left: '0', pointerEvents: 'none' });
  words.domElement.setAttribute('aria-hidden', 'true');
  holder.style.position = 'relative';
  holder.appendChild(words.domElement);
  return words;
}

const letGo = (of: Scene | Group): void =>
  of.traverse((o) => {
    if (o instanceof Mesh) (o.geometry as { dispose: () => void }).dispose();
    if (o instanceof CSS2DObject) o.element.remove();
  });

/** How far the corners of the box round the back reach; the back itself doesn't fill its box, so a little over the edge is right. */
const FILLED = 1.15;

/** From the near side, a little from behind and above, all of the back in sight. */
function lookAtAll(scene: Scene, camera: PerspectiveCamera, controls: OrbitControls): void {
  const box = new Box3().setFromObject(scene);
  const centre = box.getCenter(new Vector3());
  const toward = new Vector3(0.3, 0.75, 0.7).normalize();
  let distance = box.getSize(new Vector3()).length() * 2;
  for (let round = 0; round < 4; round++) {
    camera.position.copy(centre).addScaledVector(toward, distance);
    camera.lookAt(centre);
    camera.updateMatrixWorld();
    distance *= greatestReach(box, camera) / FILLED;
  }
  camera.position.copy(centre).addScaledVector(toward, distance);
  controls.target.copy(centre);
  controls.update();
}

/** How far the corners reach from the middle of the picture; 1 is its edge. */
function greatestReach(box: Box3, camera: PerspectiveCamera): number {
  const corners = [box.min, box.max].flatMap((a) =>
    [box.min, box.max].flatMap((b) => [box.min, box.max].map((c) => new Vector3(a.x, b.y, c.z))),
  );
  return Math.max(...corners.map((p) => p.project(camera)).map((p) => Math.max(Math.abs(p.x), Math.abs(p.y))));
}

const TURN_RAD = 0.12;
const KEYS: Record<string, readonly [number, number]> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

/** Turns the view with the arrow keys. */
export function turnByKey(view: Viewer | null, event: { key: string; preventDefault: () => void }): void {
  const step = KEYS[event.key];
  if (step === undefined) return;
  event.preventDefault();
  view?.turn(step[0] * TURN_RAD, step[1] * TURN_RAD);
}
