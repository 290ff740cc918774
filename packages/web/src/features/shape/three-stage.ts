import type { Turn, Xyz } from '@hornblende/core/geometry';
import {
  BufferAttribute,
  BufferGeometry,
  Color,
  DirectionalLight,
  DoubleSide,
  EdgesGeometry,
  Group,
  HemisphereLight,
  LineBasicMaterial,
  LineSegments,
  Mesh,
  MeshLambertMaterial,
  PerspectiveCamera,
  PlaneGeometry,
  Raycaster,
  Scene,
  Vector2,
  Vector3,
  WebGLRenderer,
  type Object3D,
} from 'three';
import { OrbitControls } from 'three/examples/jsm/controls/OrbitControls.js';
import { framedDistance } from './framed-distance';
import { discMesh, loadMeshes, markMesh } from './stage-marks';
import { StagePart, type Painting, type ScaleColours } from './stage-part';

/** Colours of the stage, as CSS has them. */
export interface StageColours extends ScaleColours {
  ground: string;
  part: string;
  inside: string;
  line: string;
  plate: string;
  rule: string;
  corner: string;
  overhang: string;
  thin: string;
  load: string;
  disc: string;
}

/** What stands on the stage. Places are in mm from the plate's front left corner. */
export interface StageContent {
  positions: Float32Array;
  edges: Float32Array;
  turn: Turn;
  /** The lowest corner of its box once it is turned, and how large that box is. */
  lowMm: Xyz;
  sizeMm: Xyz;
  /** Where the lowest corner of the laid part's box stands on the plate. */
  cornerMm: Xyz;
  plateMm: readonly [number, number];
  marks: readonly { kind: 'corner' | 'overhang' | 'thin'; atMm: Xyz }[];
  /** The mark that is looked at; −1 for none. */
  looked: number;
  discs: readonly Xyz[];
  loads: readonly { heldMm: Xyz; actsMm: Xyz }[];
  /** What each place bears, painted over it; null for its own surface. */
  paint: Painting | null;
  /** How far it is cut open from its front, 0 to 1 of its depth; null for whole. */
  cut: number | null;
}

/** Degrees that a key turns the view by, and the share that it comes nearer by. */
const STEP = { deg: 12, near: 0.85 };
/** The size of a mark against the part. */
const MARK_SHARE = 0.028;

/** A stage for one part on a plate, drawn when something changes. @throws Error where there is no WebGL */
export class Stage {
  private readonly renderer: WebGLRenderer;
  private readonly scene = new Scene();
  private readonly camera = new PerspectiveCamera(32, 1, 1, 6000);
  private readonly controls: OrbitControls;
  private readonly plateGroup = new Group();
  private readonly markGroup = new Group();
  private part: StagePart | null = null;
  private size = 100;
  private sizeMm: Xyz = [100, 100, 100];
  private middle = new Vector3();
  private flight = 0;
  private drawing = 0;
  private positions: Float32Array | null = null;

  constructor(canvas: HTMLCanvasElement) {
    this.renderer = new WebGLRenderer({ canvas, antialias: true, preserveDrawingBuffer: true });
    this.renderer.localClippingEnabled = true;
    this.renderer.setPixelRatio(Math.min(2, window.devicePixelRatio));
    // The plate lies flat: up is Z, as in the part's file.
    this.camera.up.set(0, 0, 1);
    this.controls = new OrbitControls(this.camera, canvas);
    this.controls.maxPolarAngle = Math.PI * 0.62;
    this.controls.addEventListener('change', () => this.draw());
    const sun = new DirectionalLight(0xffffff, 2.1);
    sun.position.set(-0.6, -1, 1.4);
    this.scene.add(new HemisphereLight(0xffffff, 0x8a8676, 1.5), sun);
    this.scene.add(this.plateGroup, this.markGroup);
  }

  /** Sets how large the canvas is, CSS pixels. */
  resize(width: number, height: number): void {
    if (width < 2 || height < 2) return;
    this.renderer.setSize(width, height, false);
    this.camera.aspect = width / height;
    this.camera.updateProjectionMatrix();
    this.draw();
  }

  /** Puts the part, the plate and the marks on the stage. */
  show(content: StageContent, colours: StageColours): void {
    const { positions, edges, turn, lowMm, sizeMm, cornerMm, cut } = content;
    this.scene.background = new Color(colours.ground);
    const fresh = this.positions !== positions;
    if (fresh) this.change(new StagePart(positions, edges), positions);
    this.part?.colour(colours);
    this.part?.paint(content.paint, colours);
    this.part?.place(turn, lowMm, cornerMm);
    const cutAtMm = cut === null ? null : cornerMm[1] + cut * sizeMm[1];
    this.part?.cut(cutAtMm);
    this.size = Math.hypot(...sizeMm);
    this.sizeMm = sizeMm;
    this.middle.set(cornerMm[0] + sizeMm[0] / 2, cornerMm[1] + sizeMm[1] / 2, cornerMm[2] + sizeMm[2] / 2);
    clear(this.plateGroup);
    clear(this.markGroup);
    this.putPlate(content, colours);
    this.putMarks(content, colours, cutAtMm ?? -Infinity);
    if (fresh) this.overview();
    else this.draw();
  }

  private change(part: StagePart, positions: Float32Array): void {
    if (this.part) this.scene.remove(this.part.group);
    this.part?.dispose();
    this.part = part;
    this.positions = positions;
    this.scene.add(part.group);
  }

  private putPlate({ plateMm: [w, d] }: StageContent, c: StageColours): void {
    const plate = new Mesh(
      new PlaneGeometry(w, d),
      new MeshLambertMaterial({ color: c.plate, side: DoubleSide }),
    );
    plate.position.set(w / 2, d / 2, -0.4);
    const rim = new LineSegments(
      new EdgesGeometry(new PlaneGeometry(w, d)),
      new LineBasicMaterial({ color: c.line }),
    );
    rim.position.set(w / 2, d / 2, -0.3);
    const points: number[] = [];
    for (let x = 50; x < w; x += 50) points.push(x, 0, -0.3, x, d, -0.3);
    for (let y = 50; y < d; y += 50) points.push(0, y, -0.3, w, y, -0.3);
    const grid = new BufferGeometry();
    grid.setAttribute('position', new BufferAttribute(new Float32Array(points), 3));
    this.plateGroup.add(plate, rim, new LineSegments(grid, new LineBasicMaterial({ color: c.rule })));
  }

  /** @param fromMm what lies before this is cut away, and its marks with it */
  private putMarks({ marks, looked, discs, loads }: StageContent, c: StageColours, fromMm: number): void {
    const r = Math.max(0.8, this.size * MARK_SHARE);
    for (const [i, { kind, atMm }] of marks.entries())
      if (atMm[1] >= fromMm || i === looked)
        this.markGroup.add(markMesh(kind, atMm, r, i === looked, c[kind]));
    for (const at of discs) if (at[1] >= fromMm) this.markGroup.add(discMesh(at, c.disc));
    for (const { heldMm, actsMm } of loads) {
      const meshes = loadMeshes(heldMm, actsMm, r, c.load);
      if (meshes.length) this.markGroup.add(...meshes);
    }
  }

  /** Looks at the whole part. */
  overview(): void {
    this.controls.target.copy(this.middle);
    const from = new Vector3(-0.55, -0.85, 0.62).normalize();
    const far = framedDistance(this.sizeMm, [from.x, from.y, from.z], this.camera);
    this.camera.position.copy(this.middle).addScaledVector(from, far);
    this.controls.update();
    this.draw();
  }

  /** Flies to a place, from where one looks now. */
  flyTo(at: Xyz, quick: boolean): void {
    cancelAnimationFrame(this.flight);
    const target = new Vector3(...(at as [number, number, number]));
    const side = this.camera.position.clone().sub(this.controls.target).normalize();
    const outward = target.clone().sub(this.middle).setZ(0);
    if (outward.length() > 1) side.lerp(outward.normalize().setZ(0.55).normalize(), 0.7).normalize();
    const end = target.clone().addScaledVector(side, this.size * 0.8 + 15);
    const fromTarget = this.controls.target.clone();
    const from = this.camera.position.clone();
    const begin = performance.now();
    const step = (): void => {
      const t = quick ? 1 : Math.min(1, (performance.now() - begin) / 420);
      const eased = t * t * (3 - 2 * t);
      this.controls.target.lerpVectors(fromTarget, target, eased);
      this.camera.position.lerpVectors(from, end, eased);
      this.controls.update();
      this.draw();
      if (t < 1) this.flight = requestAnimationFrame(step);
    };
    step();
  }

  /** Turns or nears the view by a key. @returns whether the key means something here */
  key(name: string): boolean {
    const offset = this.camera.position.clone().sub(this.controls.target);
    const up = new Vector3(0, 0, 1);
    const angle = (STEP.deg * Math.PI) / 180;
    const sideways = new Vector3().crossVectors(up, offset).normalize();
    const moves: Record<string, () => void> = {
      ArrowLeft: () => offset.applyAxisAngle(up, -angle),
      ArrowRight: () => offset.applyAxisAngle(up, angle),
      ArrowUp: () => offset.applyAxisAngle(sideways, -angle),
      ArrowDown: () => offset.applyAxisAngle(sideways, angle),
      '+': () => offset.multiplyScalar(STEP.near),
      '-': () => offset.multiplyScalar(1 / STEP.near),
    };
    if (name === 'Home') {
      this.overview();
      return true;
    }
    const move = moves[name];
    if (!move) return false;
    move();
    this.camera.position.copy(this.controls.target).add(offset);
    this.controls.update();
    this.draw();
    return true;
  }

  /** The place of the part under a pixel, in the axes of its file, mm; null beside it. @param x, y −1 to 1 */
  pick(x: number, y: number): Xyz | null {
    if (!this.part) return null;
    const ray = new Raycaster();
    ray.setFromCamera(new Vector2(x, y), this.camera);
    const { target } = this.part;
    const hit = ray.intersectObject(target, false)[0];
    if (!hit) return null;
    const local = target.worldToLocal(hit.point.clone());
    return [local.x, local.y, local.z];
  }

  /** Draws in the next frame, once however often it is asked for until then. */
  private draw(): void {
    this.drawing ||= requestAnimationFrame(() => {
      this.drawing = 0;
      this.renderer.render(this.scene, this.camera);
    });
  }

  dispose(): void {
    cancelAnimationFrame(this.flight);
    cancelAnimationFrame(this.drawing);
    for (const group of [this.plateGroup, this.markGroup]) clear(group);
    this.part?.dispose();
    this.controls.dispose();
    this.renderer.dispose();
  }
}

function clear(group: Group): void {
  for (const child of [...group.children]) {
    child.traverse((o: Object3D) => {
      const { geometry, material } = o as Partial<Mesh>;
      geometry?.dispose();
      for (const m of [material ?? []].flat()) m.dispose();
    });
    group.remove(child);
  }
}
