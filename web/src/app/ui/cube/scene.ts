import {
  FRONT,
  type Hold,
  NORMALS,
  opposite,
  RIGHT,
  type Side,
  sideInHold,
  SIDES,
  STICKERS,
  type Turn,
  UP,
} from '@sleetcrest/core';
import {
  AmbientLight,
  BoxGeometry,
  Color,
  DirectionalLight,
  Group,
  Matrix4,
  Mesh,
  MeshBasicMaterial,
  MeshLambertMaterial,
  PerspectiveCamera,
  Quaternion,
  Scene,
  Vector3,
  WebGLRenderer,
} from 'three';
import { letterTexture, stickerOutline } from './sticker-shapes';

/** How stickers look: their colour, and the letter on them or none. */
export interface StickerLook {
  colour: string;
  letter: string;
  /** Whether it is spoken of: it then has a ring. */
  looked: boolean;
}

const BODY = '#141c24';
const RING = new MeshBasicMaterial({ color: new Color('#f7d38a') });
// Far enough that no corner leaves the picture, however the cube is turned.
const DISTANCE = 10.6;
const REST_YAW = -0.5;
const REST_PITCH = 0.55;
const vector = ([x, y, z]: readonly [number, number, number]): Vector3 => new Vector3(x, y, z);

/**
 * The three-dimensional cube: 26 small cubes with stickers, in a group turned to the hold, in a
 * group turned by dragging. Draws when something changed and not otherwise.
 */
export class CubeScene {
  private readonly renderer: WebGLRenderer;
  private readonly scene = new Scene();
  private readonly camera = new PerspectiveCamera(30, 1, 0.1, 50);
  private readonly dragged = new Group();
  private readonly held = new Group();
  private readonly layer = new Group();
  private readonly small: { body: Mesh; at: Vector3 }[] = [];
  private readonly stickers: Mesh[] = [];
  /** Behind each sticker a larger one, seen as a ring round it where it is spoken of. */
  private readonly rings: Mesh[] = [];
  private readonly materials = new Map<string, MeshBasicMaterial>();
  private readonly outline = stickerOutline();
  private yaw = REST_YAW;
  private pitch = REST_PITCH;
  private frame = 0;
  private finishNow: (() => void) | undefined;

  /** @throws Error when the browser has no WebGL. */
  constructor(private readonly canvas: HTMLCanvasElement) {
    this.renderer = new WebGLRenderer({ canvas, antialias: true, alpha: true });
    this.renderer.setPixelRatio(Math.min(window.devicePixelRatio, 2));
    const sun = new DirectionalLight(0xffffff, 1.6);
    sun.position.set(2, 5, 4);
    this.scene.add(new AmbientLight(0xffffff, 1.6), sun, this.dragged);
    this.dragged.add(this.held);
    this.held.add(this.layer);
    this.camera.position.set(0, 0, DISTANCE);
    this.build();
    this.orbit();
  }

  private build(): void {
    const box = new BoxGeometry(0.98, 0.98, 0.98);
    const body = new MeshLambertMaterial({ color: BODY });
    const byPlace = new Map<string, Mesh>();
    for (const { side, piece } of STICKERS) {
      const name = piece.join();
      let mesh = byPlace.get(name);
      if (!mesh) {
        mesh = new Mesh(box, body);
        mesh.position.copy(vector(piece));
        byPlace.set(name, mesh);
        this.small.push({ body: mesh, at: vector(piece) });
        this.held.add(mesh);
      }
      const sticker = new Mesh(this.outline);
      sticker.position.copy(vector(NORMALS[side]!)).multiplyScalar(0.495);
      const ring = new Mesh(this.outline, RING);
      ring.scale.setScalar(1.16);
      ring.position.copy(vector(NORMALS[side]!)).multiplyScalar(0.492);
      mesh.add(sticker, ring);
      this.stickers.push(sticker);
      this.rings.push(ring);
    }
  }

  /** Paints the stickers (by number, each with its look) and holds the cube so, at once. */
  show(looks: readonly StickerLook[], hold: Hold): void {
    this.finish();
    this.paint(looks, hold);
    this.held.quaternion.copy(orientation(hold));
    this.draw();
  }

  private paint(looks: readonly StickerLook[], hold: Hold): void {
    const upright = SIDES.map((side) => uprightOn(side, hold));
    looks.forEach((look, k) => {
      const sticker = this.stickers[k]!;
      sticker.material = this.material(look);
      const ring = this.rings[k]!;
      for (const one of [sticker, ring]) one.quaternion.copy(upright[STICKERS[k]!.side]!);
      ring.visible = look.looked;
      sticker.scale.setScalar(look.looked ? 0.9 : 1);
    });
  }

  private material({ colour, letter }: StickerLook): MeshBasicMaterial {
    const key = colour + letter;
    let material = this.materials.get(key);
    if (!material) {
      material = letter
        ? new MeshBasicMaterial({ map: letterTexture(colour, letter) })
        : new MeshBasicMaterial({ color: new Color(colour) });
      this.materials.set(key, material);
    }
    return material;
  }

  /** Turns one layer, then shows the stickers as they are after it. */
  turn(turn: Turn, after: readonly StickerLook[], hold: Hold, milliseconds: number): void {
    const normal = NORMALS[Math.floor(turn / 3)]!;
    const axis = vector(normal);
    const quarters = turn % 3 === 2 ? -1 : (turn % 3) + 1;
    this.finish();
    for (const { body, at } of this.small) {
      if (at.dot(axis) === 1) this.layer.add(body);
    }
    this.animate(
      milliseconds * (quarters === 2 ? 1.4 : 1),
      (part) => this.layer.setRotationFromAxisAngle(axis, (-Math.PI / 2) * quarters * part),
      () => {
        for (const { body } of this.small) this.held.add(body);
        this.layer.rotation.set(0, 0, 0);
        this.show(after, hold);
      },
    );
  }

  /** Turns the whole cube to another hold. */
  rehold(looks: readonly StickerLook[], hold: Hold, milliseconds: number): void {
    this.finish();
    this.paint(looks, hold);
    const from = this.held.quaternion.clone();
    const to = orientation(hold);
    this.animate(
      milliseconds,
      (part) => this.held.quaternion.slerpQuaternions(from, to, part),
      () => this.show(looks, hold),
    );
  }

  private animate(milliseconds: number, draw: (part: number) => void, done: () => void): void {
    const began = performance.now();
    const step = (now: number): void => {
      const part = Math.min(1, (now - began) / milliseconds);
      if (part === 1) {
        this.finish();
        return;
      }
      draw(part * part * (3 - 2 * part));
      this.draw();
      this.frame = requestAnimationFrame(step);
    };
    this.finishNow = done;
    this.frame = requestAnimationFrame(step);
  }

  private finish(): void {
    cancelAnimationFrame(this.frame);
    const done = this.finishNow;
    this.finishNow = undefined;
    done?.();
  }

  /** Looks from the usual place again. */
  lookAgain(): void {
    [this.yaw, this.pitch] = [REST_YAW, REST_PITCH];
    this.draw();
  }

  /** Looks from a little further round; in radians. */
  lookAround(yaw: number, pitch: number): void {
    this.yaw += yaw;
    this.pitch = Math.max(-1.4, Math.min(1.4, this.pitch + pitch));
    this.draw();
  }

  resize(width: number, height: number): void {
    if (width === 0 || height === 0) return;
    this.renderer.setSize(width, height, false);
    this.camera.aspect = width / height;
    // Narrow boxes need the camera further off to keep the corners in.
    this.camera.position.z = DISTANCE * Math.max(1, height / width);
    this.camera.updateProjectionMatrix();
    this.draw();
  }

  private draw(): void {
    this.dragged.rotation.set(this.pitch, this.yaw, 0);
    this.renderer.render(this.scene, this.camera);
  }

  private orbit(): void {
    const { canvas } = this;
    let last: { x: number; y: number } | undefined;
    canvas.addEventListener('pointerdown', (event) => {
      last = { x: event.clientX, y: event.clientY };
      canvas.setPointerCapture(event.pointerId);
    });
    canvas.addEventListener('pointermove', (event) => {
      if (!last) return;
      this.lookAround((event.clientX - last.x) * 0.01, (event.clientY - last.y) * 0.01);
      last = { x: event.clientX, y: event.clientY };
    });
    for (const name of ['pointerup', 'pointercancel'] as const) {
      canvas.addEventListener(name, () => (last = undefined));
    }
  }

  dispose(): void {
    cancelAnimationFrame(this.frame);
    for (const material of this.materials.values()) {
      material.map?.dispose();
      material.dispose();
    }
    this.outline.dispose();
    this.renderer.dispose();
  }
}

/** The rotation that brings the hold's sides to where the camera expects them. */
function orientation(hold: Hold): Quaternion {
  const [up, right, front] = [UP, RIGHT, FRONT].map((face) =>
    vector(NORMALS[sideInHold(hold, face)]!),
  );
  const basis = new Matrix4().makeBasis(right!, up!, front!).transpose();
  return new Quaternion().setFromRotationMatrix(basis);
}

/** How a sticker lies on a side of the cube so that its letter is upright in the hold. */
function uprightOn(side: Side, hold: Hold): Quaternion {
  const [up, front] = [sideInHold(hold, UP), sideInHold(hold, FRONT)];
  const top = side === up ? opposite(front) : side === opposite(up) ? front : up;
  const [outward, upward] = [vector(NORMALS[side]!), vector(NORMALS[top]!)];
  const across = upward.clone().cross(outward);
  return new Quaternion().setFromRotationMatrix(new Matrix4().makeBasis(across, upward, outward));
}
