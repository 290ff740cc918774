import { describe, expect, it } from 'vitest';
import { readGcode } from '../../src/print/gcode.js';

const AREA = (Math.PI * 1.75 ** 2) / 4;

describe('G-code', () => {
  it('adds up filament, absolute and relative, through resets and drawing back', () => {
    const square = `G21\nG90\nM82\nG92 E0\nG1 Z0.2 F600\nG1 X10 Y0 E1 F1800\nG1 X10 Y10 E2\nG92 E0
      G1 X0 Y10 E1\nG1 E0.2 F2400 ; drawn back\nG0 X0 Y0 F6000\nG1 E1\nM83\nG1 X5 Y0 E.5 (a comment X99)\n`;
    const r = readGcode(square);
    expect(r.filamentMm).toBeCloseTo(3.5, 9);
    expect(r.filamentCm3).toBeCloseTo((3.5 * AREA) / 1000, 9);
    expect(r.byTool).toEqual([{ tool: 0, filamentMm: r.filamentMm, filamentCm3: r.filamentCm3 }]);
    expect(r.boundsMm).toEqual({ x: 10, y: 10, z: 0.2 });
    expect(r.travelMm).toBeCloseTo(0.2 + 10, 9);
    expect(r).toMatchObject({ layers: 1, layerMm: null, warnings: [] });
  });

  it('relative moves, inches and several tools', () => {
    const r = readGcode('G91\nM83\nG20\nT1\nG1 X1 E.1 F60\nT0\nG1 Y1 E.2\nG1 Z.01\nG1 X-1 E.1\n');
    expect(r.boundsMm.x).toBeCloseTo(25.4, 9);
    expect(r.byTool.map(t => [t.tool, +t.filamentMm.toFixed(6)])).toEqual([
      [0, 7.62],
      [1, 2.54],
    ]);
    expect(r.layers).toBe(2);
  });

  it('arcs are as long as their bow, by centre and by radius, either way round', () => {
    const quarter = Math.PI * 5;
    for (const arc of ['G3 X0 Y10 I-10 J0', 'G3 X0 Y10 R10']) {
      const r = readGcode(`G90\nM83\nG0 X10 Y0\n${arc} E1 F600\n`, { accelerationMmS2: 1e9 });
      // 10 mm/s along the bow, after 10 mm of way at the first feed.
      expect(r.timeS).toBeCloseTo(quarter / 10 + 10 / 25, 1);
    }
    const long = readGcode('G90\nM83\nG0 X10 Y0\nG2 X0 Y10 R10 E1 F600\n').boundsMm;
    // Clockwise with a positive radius it is the short way, on the other side of the chord.
    expect(long.x).toBeCloseTo(10, 1);
    const whole = readGcode('G90\nM83\nG0 X10 Y0\nG2 X10 Y0 I-10 J0 E1 F600\n').boundsMm;
    expect([whole.x, whole.y].map(v => +v.toFixed(1))).toEqual([20, 20]);
  });

  it('an arc that no machine can draw is refused, and so are more chords than any print has', () => {
    const wide = 'G90\nM83\nG0 X0 Y0\nG2 X0.001 Y0 I100000000 J0 E1\n';
    expect(() => readGcode(wide)).toThrow('holds an arc of that length');
    expect(() => readGcode(`G0 X1e9\nG3 X0 Y0 R1e12\n${wide.repeat(5)}`)).toThrow('arc');
    const circle = 'G2 X0 Y0 I1500 J0 E1\n';
    expect(readGcode(`G90\nM83\n${circle}`).travelMm).toBe(0);
    expect(() => readGcode(`G90\nM83\n${circle.repeat(400)}`)).toThrow('more and longer arcs');
  });

  it('time is that of a trapezoid: 100 mm at 50 mm/s and 500 mm/s² take 2.1 s', () => {
    // 0.1 s up, 0.1 s down over 5 mm in all, 95 mm at full speed.
    expect(readGcode('M204 S500\nG1 X100 E1 F3000\n').timeS).toBeCloseTo(2.1, 6);
    // Too short to reach it: 2·√(s/a).
    expect(readGcode('M204 S500\nG1 X1 E1 F3000\n').timeS).toBeCloseTo(2 * Math.sqrt(1 / 500), 6);
    // Straight on nothing is lost; a corner slows down.
    const straight = readGcode('M204 S500\nG1 X50 E1 F3000\nG1 X100 E2\n').timeS;
    expect(straight).toBeCloseTo(2.1, 6);
    expect(readGcode('M204 S500\nG1 X50 E1 F3000\nG1 Y50 E2\n').timeS).toBeGreaterThan(2.15);
    expect(readGcode('G4 P1500\nG4 S2\nG1 X1 E1 F60000\n').timeS).toBeGreaterThan(3.5);
  });

  it('layers are heights that something is printed at, not hops', () => {
    const layer = (z: number): string => `G1 Z${z}\nG1 X10 E1\nG1 Z${z + 0.4}\nG0 X0\nG1 Z${z}\nG1 X10 E1\n`;
    const r = readGcode(`G90\nM83\n${[0.3, 0.5, 0.7, 0.9].map(layer).join('')}`);
    expect(r.layers).toBe(4);
    expect(r.layerMm).toBeCloseTo(0.2, 9);
    expect(r.boundsMm.z).toBeCloseTo(0.9, 9);
  });

  it('says what it does not know, and refuses what is none', () => {
    expect(readGcode('G5 X1\nG1 X1 E1\n').warnings).toEqual(['G5 is not known here and was passed over']);
    expect(readGcode('G0 X10\n').warnings[0]).toContain('prints nothing');
    expect(() => readGcode('; only words\n')).toThrow('holds no G-code');
  });
});
