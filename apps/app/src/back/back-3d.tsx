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
  scene.add(new HemisphereLight('#ffffff', '#8a7a66', 2.2));
  const sun = new DirectionalLight('#ffffff', 1.4);
  sun.position.set(-300, 700, 500);
  scene.add(sun);
  const camera = new PerspectiveCamera(32, widthPx / heightPx, 10, 6000);
  const controls = new OrbitControls(camera, renderer.domElement);
  controls.enablePan = false;
  const draw = (): void => renderer.render(scene, camera);
  controls.addEventListener('change', draw);
  renderer.domElement.addEventListener('webglcontextlost', onLost);
  const setRight = (): void => lookAtAll(scene, camera, controls, widthPx / heightPx);
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

/** From the near side, a little from behind and above, all of the back in sight. */
function lookAtAll(scene: Scene, camera: PerspectiveCamera, controls: OrbitControls, aspect: number): void {
  const box = new Box3().setFromObject(scene);
  const centre = box.getCenter(new Vector3());
  const size = box.getSize(new Vector3());
  const reach = Math.max(size.y * 1.4, (size.x * 1.15) / aspect, size.z);
  const distance = reach / (2 * Math.tan((camera.fov * Math.PI) / 360)) + size.z / 2;
  camera.position.copy(centre).add(new Vector3(0.32, 0.6, 0.75).normalize().multiplyScalar(distance));
  controls.target.copy(centre);
  controls.update();
}
