'use client';
import { useEffect, useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import {
  BoxGeometry,
  type BufferGeometry,
  Color,
  CylinderGeometry,
  EdgesGeometry,
  Group,
  IcosahedronGeometry,
  LineBasicMaterial,
  LineSegments,
  Mesh,
  MeshBasicMaterial,
  OrthographicCamera,
  Scene,
  SphereGeometry,
  Vector3,
} from 'three';
import { SVGRenderer } from 'three/addons/renderers/SVGRenderer.js';
import type { PlanDocument } from '@inch-nest/core';
import { peeledParts, peelOffsets, type PeeledPart } from './peeledParts.ts';

const PAPER: Readonly<Record<PeeledPart['kind'], string>> = {
  piece: '--piece-paper',
  layer: '--cell',
  innerBox: '--board',
  box: '--board',
};
const TURN_STEP = Math.PI / 24;
const MARGIN = 1.08;
const LABELS_FROM = 0.55;

interface Props {
  plan: PlanDocument;
  width: number;
  height: number;
  /** 0 nested, 1 side by side. */
  peel: number;
  /** Changes when the theme does, so that the inks are read anew. */
  inks: string;
}

/** The nest in space, its parts peeled out along one axis; drawn as vectors, only when something changes. */
export default function PeeledNest({ plan, width, height, peel, inks }: Props) {
  const frame = useRef<HTMLDivElement>(null);
  const [view, setView] = useState({ turn: -0.5, tilt: 0.42 });
  const [labels, setLabels] = useState<{ key: string; name: string; x: number; y: number }[]>([]);
  const parts = useMemo(() => peeledParts(plan), [plan]);
  useEffect(() => {
    const holder = frame.current!;
    const renderer = new SVGRenderer();
    renderer.setSize(width, height);
    renderer.setQuality('high');
    renderer.overdraw = 0;
    renderer.setClearColor(new Color(inkOf(getComputedStyle(holder), '--vellum')), 1);
    const { scene, groups } = build(parts, plan.piece.form, peel, getComputedStyle(holder));
    const camera = cameraRound(groups, view, width / height);
    renderer.render(scene, camera);
    renderer.domElement.setAttribute('aria-hidden', 'true');
    holder.replaceChildren(renderer.domElement);
    setLabels(
      parts.map((part, i) => {
        const under = groups[i]!.position.clone().setY(groups[i]!.position.y - part.sizeIn[2] / 2);
        const at = under.project(camera);
        return {
          key: `${part.key}-${i}`,
          name: part.kind === 'piece' ? 'the piece' : part.name,
          x: ((at.x + 1) / 2) * width,
          y: ((1 - at.y) / 2) * height,
        };
      }),
    );
  }, [parts, plan.piece.form, peel, view, width, height, inks]);
  const turnBy = (turn: number, tilt: number) =>
    setView((was) => ({ turn: was.turn + turn, tilt: Math.max(0, Math.min(1.3, was.tilt + tilt)) }));
  const drag = (event: PointerEvent<HTMLDivElement>) => {
    if (event.buttons !== 1) return;
    turnBy(event.movementX / 160, event.movementY / 160);
  };
  const press = (event: KeyboardEvent) => {
    const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[event.key];
    if (!by) return;
    event.preventDefault();
    turnBy(by[0]! * TURN_STEP, by[1]! * TURN_STEP);
  };
  return (
    <div
      className="peeled"
      role="slider"
      tabIndex={0}
      aria-label={`The nest in space: ${parts.map((part) => part.name).join(', ')}. Arrows turn it.`}
      aria-valuemin={-180}
      aria-valuemax={180}
      aria-valuenow={Math.round(((((view.turn * 180) / Math.PI + 180) % 360) + 360) % 360) - 180}
      aria-valuetext={`turned ${Math.round((view.turn * 180) / Math.PI)}°`}
      style={{ width, height }}
      onPointerMove={drag}
      onKeyDown={press}
    >
      <div ref={frame} />
      {peel >= LABELS_FROM &&
        labels.map((label, i) => (
          <span
            key={label.key}
            className="peeled-label"
            style={{ left: label.x, top: Math.min(height - 24 - (i % 2) * 22, label.y + 6 + (i % 2) * 22) }}
          >
            {label.name}
          </span>
        ))}
    </div>
  );
}

const inkOf = (inks: CSSStyleDeclaration, name: string): string => inks.getPropertyValue(name).trim() || '#888888';

/** Bodies with their edges, moved apart. Length runs along x, depth up along y, width along z. */
function build(parts: readonly PeeledPart[], form: string, peel: number, inks: CSSStyleDeclaration): { scene: Scene; groups: Group[] } {
  const ink = (name: string) => new Color(inkOf(inks, name));
  const scene = new Scene();
  const offsets = peelOffsets(parts, peel);
  const groups = parts.map((part, i) => {
    const [l, w, d] = part.sizeIn;
    const solid = part.kind === 'piece' ? pieceGeometry(form, l, w, d) : new BoxGeometry(l, d, w);
    const group = new Group();
    const opacity = part.kind === 'piece' ? 1 : part.kind === 'layer' ? 0.2 + 0.45 * peel : 0.12 + 0.2 * peel;
    group.add(new Mesh(solid, new MeshBasicMaterial({ color: ink(PAPER[part.kind]), transparent: true, opacity })));
    group.add(
      new LineSegments(
        new EdgesGeometry(solid, 20),
        new LineBasicMaterial({ color: ink('--ink'), linewidth: part.kind === 'box' ? 1.6 : 1 }),
      ),
    );
    group.position.set(part.middleIn[0] + offsets[i]!, part.middleIn[2], -part.middleIn[1]);
    scene.add(group);
    return group;
  });
  return { scene, groups };
}

function pieceGeometry(form: string, l: number, w: number, d: number): BufferGeometry {
  if (form === 'ovoid') return new SphereGeometry(0.5, 14, 10).scale(l, d, w);
  if (form === 'irregular') return new IcosahedronGeometry(0.5, 1).scale(l, d, w);
  if (form !== 'cylinder' && form !== 'tube') return new BoxGeometry(l, d, w);
  const apart = [Math.abs(w - d), Math.abs(l - d), Math.abs(l - w)];
  const axis = apart.lastIndexOf(Math.min(...apart));
  const upright = new CylinderGeometry(0.5, 0.5, 1, 20);
  if (axis === 0) upright.rotateZ(Math.PI / 2);
  if (axis === 1) upright.rotateX(Math.PI / 2);
  return upright.scale(l, d, w);
}

/** An axonometric eye that sees all of it. */
function cameraRound(groups: readonly Group[], { turn, tilt }: { turn: number; tilt: number }, aspect: number): OrthographicCamera {
  const eye = new Vector3(Math.sin(turn) * Math.cos(tilt), Math.sin(tilt), Math.cos(turn) * Math.cos(tilt)).multiplyScalar(500);
  const camera = new OrthographicCamera(-1, 1, 1, -1, 1, 2000);
  camera.position.copy(eye);
  camera.lookAt(0, 0, 0);
  camera.updateMatrixWorld();
  let [reachX, reachY] = [1, 1];
  const corner = new Vector3();
  for (const group of groups) {
    group.updateMatrixWorld(true);
    const mesh = group.children[0] as Mesh;
    mesh.geometry.computeBoundingBox();
    const { min, max } = mesh.geometry.boundingBox!;
    for (const x of [min.x, max.x])
      for (const y of [min.y, max.y])
        for (const z of [min.z, max.z]) {
          corner.set(x, y, z).applyMatrix4(group.matrixWorld).applyMatrix4(camera.matrixWorldInverse);
          reachX = Math.max(reachX, Math.abs(corner.x));
          reachY = Math.max(reachY, Math.abs(corner.y));
        }
  }
  const half = Math.max(reachY, reachX / aspect) * MARGIN;
  Object.assign(camera, { left: -half * aspect, right: half * aspect, top: half, bottom: -half });
  camera.updateProjectionMatrix();
  return camera;
}
