import type { Brief } from '../../../brief/brief.js';
import { sig } from '../../../lib/figures.js';
import type { Printer } from '../../../workshop/printer.js';
import type { CheckResult } from './check.js';

/** How wide a line may be laid, as a share of the bore. */
const LINE_OF_BORE = { least: 0.75, usual: 1.125, most: 2 };
/** How high a layer may be laid, as a share of the bore. */
const LAYER_OF_BORE = { usual: 0.5, most: 0.8 };
/** Sizes differ by rounding errors that must not count. */
const HAIR = 1e-9;

const hundredth = (mm: number): number => Math.round(100 * mm) / 100;

/** Whether lines and layers as the brief asks for them come from such a nozzle; null where they do. */
export function linesCheck(
  { nozzleMm }: Pick<Printer, 'nozzleMm'>,
  { lineMm, layerMm }: Pick<Brief['print'], 'lineMm' | 'layerMm'>,
): CheckResult | null {
  const least = LINE_OF_BORE.least * nozzleMm;
  const most = LINE_OF_BORE.most * nozzleMm;
  const highest = LAYER_OF_BORE.most * nozzleMm;
  if (lineMm < least - HAIR || lineMm > most + HAIR)
    return asked('lines', 'print.lineMm', hundredth(LINE_OF_BORE.usual * nozzleMm), {
      need: `${sig(least, 2)} to ${sig(most, 2)}`,
      have: lineMm,
      why:
        `Lines of ${sig(lineMm, 2)} mm do not come from a bore of ${sig(nozzleMm, 2)} mm: ` +
        `it lays ${sig(least, 2)} to ${sig(most, 2)} mm.`,
    });
  if (layerMm > highest + HAIR)
    return asked('layers', 'print.layerMm', hundredth(LAYER_OF_BORE.usual * nozzleMm), {
      need: `at most ${sig(highest, 2)}`,
      have: layerMm,
      why:
        `Layers of ${sig(layerMm, 2)} mm are too high for a bore of ${sig(nozzleMm, 2)} mm: ` +
        `over ${sig(highest, 2)} mm they hardly press on each other.`,
    });
  return null;
}

/** A setting that the nozzle does not suit: it is a matter of one press, and makes no filament harder to print. */
function asked(
  what: 'lines' | 'layers',
  path: string,
  usualMm: number,
  told: Pick<CheckResult, 'need' | 'have' | 'why'>,
): CheckResult {
  const deed = `print ${what} of ${sig(usualMm, 2)} mm`;
  return {
    id: 'lines',
    verdict: 'marginal',
    ...told,
    unit: 'mm',
    rescue: deed,
    remedy: { label: deed, path, value: usualMm },
    marginalPoints: 0,
  };
}
