import { Command } from 'commander';
import { sig } from '@hornblende/core/lib';
import { readGcode, type GcodeReport } from '@hornblende/core/print';
import { number } from '../options.js';
import { print, printJson } from '../output.js';
import { readText } from '../read-json.js';

/** `hornblende gcode`: what a file of G-code takes, worked out from its moves. */
export function gcodeCommand(): Command {
  return new Command('gcode')
    .description('read length, volume, time and layers from the moves of a file of G-code')
    .argument('<file>')
    .option('--diameter <mm>', 'of the filament; default 1.75', number('a diameter in mm'))
    .option('--acceleration <mm/s²>', 'until the file sets one; default 1000', number('an acceleration'))
    .option('--json', 'print JSON only')
    .action((file: string, o: { diameter?: number; acceleration?: number; json?: boolean }) => {
      const report = readGcode(readText(file), {
        ...(o.diameter ? { filamentDiameterMm: o.diameter } : {}),
        ...(o.acceleration ? { accelerationMmS2: o.acceleration } : {}),
      });
      if (o.json) printJson(report);
      else print(gcodeText(report));
    });
}

function gcodeText(r: GcodeReport): string {
  const { x, y, z } = r.boundsMm;
  const tools = r.byTool.map(t => `tool ${t.tool}: ${sig(t.filamentMm)} mm`);
  return [
    `${sig(r.filamentMm)} mm of filament, ${sig(r.filamentCm3)} cm³`,
    ...(r.byTool.length > 1 ? [tools.join(', ')] : []),
    `${sig(r.timeS / 60, 3)} min, of it the way without printing ${sig(r.travelMm)} mm`,
    `${r.layers} layers${r.layerMm === null ? '' : ` of ${sig(r.layerMm)} mm`}, ${sig(x)} × ${sig(y)} × ${sig(z)} mm`,
    ...r.warnings.map(w => `! ${w}`),
  ].join('\n');
}
