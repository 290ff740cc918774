import { Command, Option } from 'commander';
import { sig } from '@hornblende/core/lib';
import { print, printJson } from '../output.js';
import { readBytes } from '../read-json.js';

/** `hornblende mesh`: measures a part's file. */
export function meshCommand(): Command {
  return (
    new Command('mesh')
      .description('measure the shape in an STL, OBJ or 3MF')
      .argument('<file>')
      .addOption(
        new Option('--unit <unit>', 'what it is drawn in, where the file does not say').choices([
          'micron',
          'millimeter',
          'centimeter',
          'inch',
          'foot',
          'meter',
        ]),
      )
      .option('--json', 'print JSON only')
      // The mesh libraries are only loaded when they are wanted.
      .action(async (file: string, o: { unit?: 'inch'; json?: boolean }) => {
        const { meshReport, readMesh } = await import('@hornblende/core/geometry');
        const report = meshReport(readMesh(file, readBytes(file), o.unit ? { unit: o.unit } : {}));
        if (o.json) printJson(report);
        else print(meshText(report));
      })
  );
}

function meshText(r: Awaited<ReturnType<typeof import('@hornblende/core/geometry').meshReport>>): string {
  const { x, y, z } = r.boundsMm;
  const corners = r.sharpCorners.map(c => `${sig(c.angleDeg, 3)}° at ${sig(c.xMm)}, ${sig(c.yMm)}`);
  return [
    `${r.triangles} triangles, ${sig(x)} × ${sig(y)} × ${sig(z)} mm, drawn in ${r.units}`,
    `volume ${sig(r.volumeMm3 / 1000)} cm³, surface ${sig(r.surfaceMm2 / 100)} cm²`,
    `${r.watertight ? 'closed' : 'not closed'}, ${r.shells} ${r.shells === 1 ? 'piece' : 'pieces'}`,
    `on the plate ${sig(r.footprintMm2)} mm², overhanging ${sig(r.overhangMm2)} mm²`,
    r.minWallMm === null || r.medianWallMm === null
      ? 'no wall to measure'
      : `walls from ${sig(r.minWallMm, 3)} mm, in the middle ${sig(r.medianWallMm, 3)} mm`,
    corners.length ? `sharp corners on the plate: ${corners.join('; ')}` : 'no sharp corner on the plate',
    ...r.warnings.map(w => `! ${w}`),
  ].join('\n');
}
