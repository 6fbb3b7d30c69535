import { type BackSurface, type Landmarks } from '@fulcra/core';
import { useEffect, useRef } from 'react';
import { Box3, type Group, HemisphereLight, DirectionalLight, Mesh, PerspectiveCamera, Scene, Vector3, WebGLRenderer } from 'three';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';
import { XStack, YStack } from 'tamagui';
import { Button } from '../ui/button';
import { usePalette } from '../ui/use-palette';
import { backGroup } from './back-mesh';

export interface Back3dProps {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly surface: BackSurface;
  readonly landmarks: Landmarks;
  /** The device took the drawing memory away. */
  readonly onLost: () => void;
}

/** The back from every side: turned by a finger, the mouse or the arrow keys; set right again by one tap. */
export default function Back3d({ widthPx, heightPx, surface, landmarks, onLost }: Back3dProps) {
  const palette = usePalette();
  const holder = useRef<HTMLDivElement>(null);
  const view = useRef<Viewer | null>(null);
  const lost = useRef(onLost);
  lost.current = onLost;
  useEffect(() => {
    const startedAt = performance.now();
    const viewer = openViewer(holder.current!, widthPx, heightPx, palette.sheet, () => lost.current());
    view.current = viewer;
    const group = backGroup(surface, landmarks, palette);
    viewer.show(group);
    holder.current!.dataset.firstFrameMs = (performance.now() - startedAt).toFixed(0);
    return () => {
      view.current = null;
      viewer.close();
    };
  }, [widthPx, heightPx, surface, landmarks, palette]);
  const key = (event: React.KeyboardEvent) => {
    const by: Record<string, readonly [number, number]> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };
    const step = by[event.key];
    if (step === undefined) return;
    event.preventDefault();
    view.current?.turn(step[0] * TURN_RAD, step[1] * TURN_RAD);
  };
  return (
    <YStack gap="$s">
      <div
        ref={holder}
        role="application"
        aria-label="The back in three dimensions. Arrow keys turn it."
        tabIndex={0}
        onKeyDown={key}
        style={{ width: widthPx, height: heightPx, touchAction: 'none' }}
      />
      <XStack>
        <Button label="Set it right again" onPress={() => view.current?.reset()} />
      </XStack>
    </YStack>
  );
}

const TURN_RAD = 0.12;

interface Viewer {
  readonly show: (group: Group) => void;
  readonly turn: (aroundRad: number, overRad: number) => void;
  readonly reset: () => void;
  readonly close: () => void;
}

/** Draws when something moves, and rests otherwise: a phone's battery is short. */
function openViewer(holder: HTMLElement, widthPx: number, heightPx: number, ground: string, onLost: () => void): Viewer {
  const renderer = new WebGLRenderer({ antialias: true });
  renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
  renderer.setSize(widthPx, heightPx);
  renderer.setClearColor(ground);
  holder.appendChild(renderer.domElement);
  const scene = new Scene();
  scene.add(new HemisphereLight('#ffffff', '#b9a88c', 2));
  const sun = new DirectionalLight('#ffffff', 1.4);
  sun.position.set(-300, 700, 500);
  scene.add(sun);
  const camera = new PerspectiveCamera(32, widthPx / heightPx, 10, 6000);
  const controls = new OrbitControls(camera, renderer.domElement);
  controls.enablePan = false;
  const draw = (): void => renderer.render(scene, camera);
  controls.addEventListener('change', draw);
  renderer.domElement.addEventListener('webglcontextlost', onLost);
  const setRight = (): void => lookAtAll(scene, camera, controls);
  return {
    show: (group) => {
      scene.add(group);
      setRight();
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
      scene.traverse((o) => o instanceof Mesh && (o.geometry as { dispose: () => void }).dispose());
      renderer.dispose();
      renderer.domElement.remove();
    },
  };
}

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
