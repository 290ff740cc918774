import type { ShapeLay } from '@hornblende/core/advice';
import { parseBrief } from '@hornblende/core/brief';
import { families, familyByKey } from '@hornblende/core/materials';
import { prism, stlBytes } from '@hornblende/core/geometry';
import { describe, expect, it } from 'vitest';
import { run as readGcode } from '../../../src/workers/jobs/gcode';
import { run as compareLays } from '../../../src/workers/jobs/lay-verdicts';
import { run as measureLays } from '../../../src/workers/jobs/lays';
import { run as tradeSettings } from '../../../src/workers/jobs/settings-trade';
import { run as readShape } from '../../../src/workers/jobs/shape';

const none = (): void => undefined;
const mesh = prism(
  [
    [0, 0],
    [60, 0],
    [60, 30],
    [0, 30],
  ],
  0,
  8,
);
const brief = parseBrief({
  format: 'hornblende-brief',
  version: 1,
  name: 'Bar',
  loads: [{ kind: 'short', case: 'cantilever', forceN: 10, lengthMm: 50, widthMm: 30, heightMm: 8 }],
});

describe('jobs of the shape room', () => {
  it('read a shape with its box and its lines, and tell how far they are', () => {
    const told: number[] = [];
    const answer = readShape({ name: 'bar.stl', bytes: stlBytes(mesh), unit: null }, done => told.push(done));
    expect(answer).toMatchObject({ triangles: 12, lowMm: [0, 0, 0], highMm: [60, 30, 8], warnings: [] });
    expect(answer.edges.length / 6).toBe(12);
    expect(told.length).toBeGreaterThan(0);
    const inches = readShape({ name: 'bar.stl', bytes: stlBytes(mesh), unit: 'inch' }, none);
    expect(inches.highMm[0]).toBeCloseTo(60 * 25.4, 2);
  });
  it('measure every way to lay it, with what wants looking at', () => {
    const bytes = new Uint8Array(mesh.buffer);
    const { report, lays } = measureLays({ bytes, thinMm: 10 }, none);
    expect(report.volumeMm3).toBeCloseTo(60 * 30 * 8, 2);
    expect(lays).toHaveLength(3);
    expect(lays[0]!.places.filter(p => p.kind === 'corner')).toHaveLength(4);
    expect(lays.every(l => l.places.some(p => p.kind === 'thin' && Math.abs(p.figure - 8) < 0.01))).toBe(
      true,
    );
  });
  it('compare them in one filament and over all, and refuse none for want of one', () => {
    const lays: ShapeLay[] = measureLays({ bytes: new Uint8Array(mesh.buffer), thinMm: 1 }, none).lays;
    const question = { brief, lays, material: 'petg', printer: null, weather: null, families: [...families] };
    const { verdicts, choices, easier } = compareLays(question, none);
    expect(verdicts.map(v => v.rank)).toEqual([1, 2, 3]);
    expect(choices).toHaveLength(3);
    expect(easier).toBeNull();
    expect(compareLays({ ...question, material: 'zinc' }, none).verdicts).toEqual([]);
  });
  it('trade settings and say what two more walls buy', () => {
    const { points, sentence } = tradeSettings({ brief, family: familyByKey('petg')!, printer: null });
    expect(points.some(p => p.current)).toBe(true);
    expect(sentence).toMatch(/^Two more walls/);
  });
  it('read G-code', () => {
    const bytes = new TextEncoder().encode('M83\nG1 X100 E5 F3000\n');
    expect(readGcode({ bytes }).filamentMm).toBe(5);
    expect(() => readGcode({ bytes: new Uint8Array() })).toThrow('holds no G-code');
  });
});
