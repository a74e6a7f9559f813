import { ExtrudeGeometry, LatheGeometry, Shape, Vector2, Vector3, type BufferAttribute, type BufferGeometry } from 'three';
import type { Triple } from '@inch-nest/core';
import { PIECE_OUTLINES, type Outline } from './pieceOutlines.ts';
import type { PeeledPart } from './peeledParts.ts';

/** Sides of a body that was turned on a wheel. */
const WHEEL_STEPS = 14;
const CURVE_STEPS = 3;

/**
 * A piece as a body: turned where its kind is round, else its front cut out and as deep as it is; lying as it lies in the box.
 * Length runs along x, depth up along y, width towards the eye along −z, inches; its middle is the origin.
 */
export function pieceBody({ kind, axes }: NonNullable<PeeledPart['shape']>, sizeIn: Triple): BufferGeometry {
  const { profile, front } = PIECE_OUTLINES[kind];
  const body = profile
    ? new LatheGeometry(
        [new Vector2(0, -0.5), ...profile.map(([up, wide]) => new Vector2(wide / 2, up - 0.5)), new Vector2(0, 0.5)],
        WHEEL_STEPS,
      )
    : new ExtrudeGeometry(shapeOf(front), { depth: 1, bevelEnabled: false, curveSegments: CURVE_STEPS }).translate(0, 0, -0.5);
  const { position } = body.attributes as { position: BufferAttribute };
  const [l, w, d] = sizeIn;
  for (let i = 0; i < position.count; i++) {
    // its own length, width and height: the outlines are drawn along, deep and up
    const own = [position.getX(i), -position.getZ(i), position.getY(i)];
    position.setXYZ(i, own[axes[0]]! * l, own[axes[2]]! * d, -own[axes[1]]! * w);
  }
  // turned about, its skin may have come to lie inside out
  const plain = body.toNonIndexed();
  if (signedVolume(plain) < 0) turnOut(plain);
  plain.computeVertexNormals();
  return plain;
}

/** Six times the volume within a skin of triangles; below 0 where the skin lies inside out. */
function signedVolume({ attributes }: BufferGeometry): number {
  const position = attributes['position'] as BufferAttribute;
  let sum = 0;
  for (let i = 0; i < position.count; i += 3) {
    const [a, b, c] = [i, i + 1, i + 2].map((at) => new Vector3().fromBufferAttribute(position, at)) as [Vector3, Vector3, Vector3];
    sum += a.dot(b.cross(c));
  }
  return sum;
}

/** Turns each triangle to its other side. */
function turnOut({ attributes }: BufferGeometry): void {
  const position = attributes['position'] as BufferAttribute;
  const [one, other] = [new Vector3(), new Vector3()];
  for (let i = 0; i < position.count; i += 3) {
    one.fromBufferAttribute(position, i + 1);
    other.fromBufferAttribute(position, i + 2);
    position.setXYZ(i + 1, other.x, other.y, other.z);
    position.setXYZ(i + 2, one.x, one.y, one.z);
  }
}

function shapeOf({ body, smooth }: Outline): Shape {
  const [first, ...rest] = body.map(([along, up]) => new Vector2(along - 0.5, up - 0.5));
  const shape = new Shape().moveTo(first!.x, first!.y);
  if (smooth) shape.splineThru([...rest, first!]);
  else for (const { x, y } of rest) shape.lineTo(x, y);
  return shape;
}
