'use client';
import { useEffect, useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import {
  BoxGeometry,
  DoubleSide,
  Color,
  EdgesGeometry,
  FrontSide,
  Group,
  LineBasicMaterial,
  LineSegments,
  Mesh,
  MeshBasicMaterial,
  OrthographicCamera,
  Scene,
  Vector3,
} from 'three';
import { SVGRenderer } from 'three/addons/renderers/SVGRenderer.js';
import type { PlanDocument, Triple } from '@inch-nest/core';
import { labelRows } from './labelRows.ts';
import { peeledParts, peelOffsets, type PeeledPart } from './peeledParts.ts';
import { pieceBody } from './pieceBody.ts';

const PAPER: Readonly<Record<PeeledPart['kind'], string>> = {
  piece: '--piece-paper',
  layer: '--cell',
  bundle: '--cell',
  fill: '--bed',
  innerBox: '--board',
  box: '--board',
};
/** How much of what is behind is hidden, nested and peeled apart. */
const OPACITY: Readonly<Record<PeeledPart['kind'], (peel: number) => number>> = {
  piece: () => 1,
  layer: (peel) => 0.2 + 0.45 * peel,
  bundle: (peel) => 0.3 + 0.4 * peel,
  fill: (peel) => 0.05 + 0.35 * peel,
  innerBox: (peel) => 0.12 + 0.2 * peel,
  box: (peel) => 0.12 + 0.2 * peel,
};
/** Edges flatter than so much are not drawn. */
const EDGE_DEGREES = 22;
const TURN_STEP = Math.PI / 24;
const MARGIN = 1.08;
const LABELS_FROM = 0.55;
const LABEL_H = 22;

interface Props {
  plan: PlanDocument;
  /** The plan as it is for the bundle in hand. */
  inHand: PlanDocument;
  width: number;
  height: number;
  /** 0 nested, 1 side by side. */
  peel: number;
  /** Changes when the theme does, so that the inks are read anew. */
  inks: string;
}

/** The nest in space, its parts peeled out along one axis; drawn as vectors, only when something changes. */
export default function PeeledNest({ plan, inHand, width, height, peel, inks }: Props) {
  const frame = useRef<HTMLDivElement>(null);
  const [view, setView] = useState({ turn: -0.5, tilt: 0.42 });
  const [labels, setLabels] = useState<{ key: string; name: string; x: number; y: number }[]>([]);
  const parts = useMemo(() => peeledParts(plan, inHand), [plan, inHand]);
  // two rows of labels stand beneath
  const drawn = height - 2 * LABEL_H;
  useEffect(() => {
    const holder = frame.current!;
    const renderer = new SVGRenderer();
    renderer.setSize(width, drawn);
    renderer.setQuality('high');
    renderer.overdraw = 0;
    renderer.setClearColor(new Color(inkOf(getComputedStyle(holder), '--vellum')), 1);
    const { scene, groups } = build(parts, peel, getComputedStyle(holder));
    const camera = cameraRound(groups, view, width / drawn);
    renderer.render(scene, camera);
    renderer.domElement.setAttribute('aria-hidden', 'true');
    holder.replaceChildren(renderer.domElement);
    setLabels(
      parts.map((part, i) => {
        const at = groups[i]!.position.clone().project(camera);
        // the lowest corner, so that no label lies on what it names
        const reach = ([0, 1] as const).flatMap((side) =>
          [-1, 1].map((by) => {
            const corner = groups[i]!.position.clone();
            corner.x += (by * part.sizeIn[0]) / 2;
            corner.y -= part.sizeIn[2] / 2;
            corner.z += ((side === 0 ? 1 : -1) * part.sizeIn[1]) / 2;
            return corner.project(camera).y;
          }),
        );
        return {
          key: `${part.key}-${i}`,
          name: part.kind === 'piece' ? 'the piece' : part.name,
          x: ((at.x + 1) / 2) * width,
          y: ((1 - Math.min(...reach)) / 2) * drawn,
        };
      }),
    );
  }, [parts, peel, view, width, drawn, inks]);
  const rows = labelRows(labels);
  // all rows begin beneath what reaches lowest
  const top = Math.min(height - LABEL_H * (Math.max(0, ...rows) + 1), Math.max(0, ...labels.map(({ y }) => y)) + 6);
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
          <span key={label.key} className="peeled-label" style={{ left: label.x, top: top + rows[i]! * LABEL_H }}>
            {label.name}
          </span>
        ))}
    </div>
  );
}

const inkOf = (inks: CSSStyleDeclaration, name: string): string => inks.getPropertyValue(name).trim() || '#888888';

/** Bodies with their edges, moved apart. Length runs along x, depth up along y, width along z. */
function build(parts: readonly PeeledPart[], peel: number, inks: CSSStyleDeclaration): { scene: Scene; groups: Group[] } {
  const ink = (name: string) => new Color(inkOf(inks, name));
  const scene = new Scene();
  const offsets = peelOffsets(parts, peel);
  const groups = parts.map((part, i) => {
    const solid = part.shape ? pieceBody(part.shape, part.sizeIn) : blockOf(part.sizeIn);
    const group = new Group();
    const opacity = OPACITY[part.kind](peel);
    group.add(
      new Mesh(
        solid,
        new MeshBasicMaterial({ color: ink(PAPER[part.kind]), transparent: true, opacity, side: part.shape ? FrontSide : DoubleSide }),
      ),
    );
    const line = (linewidth: number) => new LineBasicMaterial({ color: ink('--ink'), linewidth });
    group.add(new LineSegments(new EdgesGeometry(solid, EDGE_DEGREES), line(part.kind === 'box' ? 1.6 : part.kind === 'fill' ? 0.5 : 1)));
    if (part.hole) {
      const hole = new LineSegments(new EdgesGeometry(blockOf(part.hole.sizeIn)), line(0.8));
      const [x, z, y] = part.hole.middleIn.map((at, axis) => at - part.middleIn[axis]!) as [number, number, number];
      hole.position.set(x, y, -z);
      group.add(hole);
    }
    group.position.set(part.middleIn[0] + offsets[i]!, part.middleIn[2], -part.middleIn[1]);
    scene.add(group);
    return group;
  });
  return { scene, groups };
}

const blockOf = ([l, w, d]: Triple) => new BoxGeometry(l, d, w);

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
