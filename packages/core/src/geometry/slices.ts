import { DEPTHS, END_MM, SIDE_MM } from './depth-grid.js';
import type { MeshProgress } from './mesh.js';
import { common, regionKey, regionMm2, regionOf, shrunk, type Region } from './region.js';
import { sectionsAt } from './section.js';

/** How a part is sliced. */
export interface SliceSettings {
  walls: number;
  lineMm: number;
  topLayers: number;
  bottomLayers: number;
  layerMm: number;
}

/** Where the plastic of a sliced part goes, by volume. */
export interface SliceVolumes {
  layers: number;
  wallMm3: number;
  topMm3: number;
  bottomMm3: number;
  /** The inside that infill fills in part. */
  insideMm3: number;
  /** How far walls run, over all layers. */
  wallPathMm: number;
}

/** Heights that are looked at, at the most; of more layers, every second, third … is. */
const MOST_HEIGHTS = 240;
const MOST_PLACES = 64;

/**
 * Slices a shape as it stands: every layer's outline, its walls by offsetting, solid where one of the layers above
 * or below within reach is open, and the inside that is left.
 * @param heap nine coordinates a triangle, mm
 */
export function sliceVolumes(
  heap: Float32Array,
  { walls, lineMm, topLayers, bottomLayers, layerMm }: SliceSettings,
  gridMm = 0,
  progress: MeshProgress = () => undefined,
): SliceVolumes {
  const { lowMm, heightMm } = stands(heap);
  const layers = Math.max(1, Math.round(heightMm / layerMm));
  const stride = Math.ceil(layers / MOST_HEIGHTS);
  const looked = Array.from({ length: Math.ceil(layers / stride) }, (_, k) => k * stride);
  const middleOf = (layer: number): number => lowMm + (layer + 0.5) * layerMm;
  const regions = new Map<number, Region>();
  // Sparse layers are measured with their true neighbours, so all that are within reach are cut.
  const wanted = [
    ...new Set(
      looked.flatMap(l =>
        Array.from({ length: topLayers + bottomLayers + 1 }, (_, k) => l - bottomLayers + k),
      ),
    ),
  ]
    .filter(l => l >= 0 && l < layers)
    .sort((a, b) => a - b);
  for (const [k, outlines] of sectionsAt(heap, wanted.map(middleOf), gridMm).entries())
    regions.set(wanted[k]!, regionOf(outlines));
  const volumes: SliceVolumes = { layers, wallMm3: 0, topMm3: 0, bottomMm3: 0, insideMm3: 0, wallPathMm: 0 };
  const covered = (layer: number, step: 1 | -1, count: number, within: Region): Region => {
    let left = within;
    for (let k = 1; k <= count && left.length; k++) left = common(left, regions.get(layer + step * k) ?? []);
    return left;
  };
  for (const [k, layer] of looked.entries()) {
    const region = regions.get(layer) ?? [];
    const inner = shrunk(region, walls * lineMm);
    const roofed = covered(layer, 1, topLayers, inner);
    const inside = covered(layer, -1, bottomLayers, roofed);
    const depth = layerMm * Math.min(stride, layers - layer);
    volumes.wallMm3 += (regionMm2(region) - regionMm2(inner)) * depth;
    volumes.topMm3 += (regionMm2(inner) - regionMm2(roofed)) * depth;
    volumes.bottomMm3 += (regionMm2(roofed) - regionMm2(inside)) * depth;
    volumes.insideMm3 += regionMm2(inside) * depth;
    volumes.wallPathMm +=
      ((regionMm2(region) - regionMm2(inner)) / lineMm) * Math.min(stride, layers - layer);
    progress((k + 1) / looked.length);
  }
  return volumes;
}

/**
 * How much of a shape lies deep, for any walls and layers that it may be printed with: see {@link DeepShares}.
 * Layers are taken as thin: at evenly spaced heights.
 */
export function deepShares(
  heap: Float32Array,
  gridMm = 0,
  progress: MeshProgress = () => undefined,
): number[] {
  const { lowMm, heightMm } = stands(heap);
  const places = Math.max(1, Math.min(MOST_PLACES, Math.ceil(heightMm / 0.2)));
  const shares = new Array<number>(DEPTHS).fill(0);
  let whole = 0;
  // Above and below at each end depth: what is within all of them is covered.
  const offsets = [
    ...END_MM.slice(1)
      .map(e => -e)
      .reverse(),
    ...END_MM,
  ];
  /** What was measured at a height, by all that it was measured of: straight walls look the same at many heights. */
  const known = new Map<string, readonly number[]>();
  for (let k = 0; k < places; k++) {
    const z = lowMm + ((k + 0.5) * heightMm) / places;
    const cuts = sectionsAt(
      heap,
      offsets.map(o => z + o),
      gridMm,
    ).map(regionOf);
    const key = cuts.map(regionKey).join('|');
    const deep = known.get(key) ?? deepAt(cuts);
    known.set(key, deep);
    whole += regionMm2(cuts[END_MM.length - 1]!);
    for (const [n, mm2] of deep.entries()) shares[n]! += mm2;
    progress((k + 1) / places);
  }
  return shares.map(s => (whole ? Math.round((s / whole) * 1e5) / 1e5 : 0));
}

/**
 * How much of a layer lies deep, mm²: for each side depth and within it for each end depth.
 * @param cuts the layer in the middle, and the shape at each end depth below it and above
 */
function deepAt(cuts: readonly Region[]): number[] {
  const deep = new Array<number>(DEPTHS).fill(0);
  const middle = END_MM.length - 1;
  const own = cuts[middle]!;
  const layers = SIDE_MM.map(side => shrunk(own, side));
  const sizes = layers.map(regionMm2);
  let covered = own;
  let coveredMm2 = regionMm2(own);
  for (let e = 0; e < END_MM.length; e++) {
    if (e > 0) {
      covered = common(common(covered, cuts[middle - e]!), cuts[middle + e]!);
      coveredMm2 = regionMm2(covered);
    }
    const all = coveredMm2 >= sizes[0]! * (1 - 1e-9);
    for (let s = 0; s < SIDE_MM.length && sizes[s]! > 0 && coveredMm2 > 0; s++)
      deep[s * END_MM.length + e] = all ? sizes[s]! : regionMm2(common(layers[s]!, covered));
  }
  return deep;
}

function stands(heap: Float32Array): { lowMm: number; heightMm: number } {
  let low = Infinity;
  let high = -Infinity;
  for (let i = 2; i < heap.length; i += 3) {
    low = Math.min(low, heap[i]!);
    high = Math.max(high, heap[i]!);
  }
  return { lowMm: low, heightMm: high - low };
}
