import { Choice, ListOf, Quantity } from '../input/fields.js';
import { adhesiveNames, plateNames } from './names.js';
import { adhesives, plates, type Adhesive, type Family, type Plate, type PlateHold } from './family.js';

/** How well one's own filament holds on a plate, as pulled off it. */
export class OwnHold {
  @Choice(plates, { doc: 'The plate.' }) plate!: Plate;
  @Choice(adhesives, { optional: true, nullable: true, doc: 'What was on it; default null: bare.' })
  adhesive: Adhesive | null = null;
  @Quantity({
    min: 0,
    max: 2000,
    unit: 'J/m²',
    doc: 'Energy of peeling: the pull on a strip over its width, N/mm × 1000.',
  })
  energyJm2!: number;
}

/**
 * What one knows of one's own grade or spool that no property says: it beats what the library says of its family. Null
 * where nothing is known.
 */
export class OwnFacts {
  @Choice(['any', 'slow-bowden', 'direct'], {
    optional: true,
    nullable: true,
    doc: 'What feed carries it: direct alone, slow-bowden (a remote drive run slowly) as well, or any.',
  })
  drive: 'any' | 'slow-bowden' | 'direct' | null = null;
  @Choice(['low', 'moderate', 'styrene'], { optional: true, nullable: true, doc: 'Its fumes.' })
  fumes: 'low' | 'moderate' | 'styrene' | null = null;
  @Choice(['breaks', 'clings', 'dissolves'], {
    optional: true,
    nullable: true,
    doc: 'How supports of itself come off.',
  })
  support: 'breaks' | 'clings' | 'dissolves' | null = null;
  @Choice(['yes', 'no'], { optional: true, nullable: true, doc: 'Whether it wears a brass nozzle.' })
  abrasive: 'yes' | 'no' | null = null;
  @Quantity({
    min: 0,
    max: 1,
    optional: true,
    nullable: true,
    doc: 'How fair its printed surface looks, 0 to 1.',
  })
  finish: number | null = null;
  @Quantity({
    min: 0,
    max: 60,
    unit: '%',
    optional: true,
    nullable: true,
    doc: 'Share of fibres by mass: with any, it wears brass and sheds.',
  })
  fibrePct: number | null = null;
  @ListOf(() => OwnHold, { max: 30, optional: true, doc: 'How it held on plates of one’s own.' })
  holds: OwnHold[] = [];
}

/** A family with what is known of one's own grade or spool in the place of what the library says. */
export function withOwnFacts(f: Family, facts: OwnFacts | null): Family {
  if (!facts) return f;
  const { drive, fumes, support, abrasive, finish, fibrePct, holds } = facts;
  const fibres = fibrePct !== null && fibrePct > 0;
  return {
    ...f,
    filler: fibres && f.filler === null ? 'carbon-fibre' : f.filler,
    flags: {
      ...f.flags,
      drive: drive ?? f.flags.drive,
      fumes: fumes ?? f.flags.fumes,
      support: support ?? f.flags.support,
      abrasive: abrasive === null ? fibres || f.flags.abrasive : abrasive === 'yes',
      finish: finish ?? f.flags.finish,
    },
    adhesion: holds.reduce(withHold, f.adhesion),
  };
}

function withHold(adhesion: Family['adhesion'], { plate, adhesive, energyJm2 }: OwnHold): Family['adhesion'] {
  const known: PlateHold = adhesion[plate] ?? { bare: 0 };
  // What was pulled off a bare plate and measured did not tear it.
  const hold: PlateHold = adhesive
    ? { ...known, adhesive: { ...known.adhesive, [adhesive]: energyJm2 } }
    : { bare: energyJm2, ...(known.adhesive ? { adhesive: known.adhesive } : {}) };
  return { ...adhesion, [plate]: hold };
}

/** What is stated, in a line: "feed direct, fibres 12 %, 240 J/m² on textured PEI"; empty where nothing is. */
export function ownFactsWords(facts: OwnFacts | null | undefined): string {
  if (!facts) return '';
  const { drive, fumes, support, abrasive, finish, fibrePct, holds } = facts;
  const stated = [
    drive && `feed ${drive === 'slow-bowden' ? 'remote, slowly' : drive}`,
    fumes && `fumes ${fumes}`,
    support && `supports ${{ breaks: 'break off', clings: 'cling', dissolves: 'dissolve' }[support]}`,
    abrasive && (abrasive === 'yes' ? 'wears brass' : 'does not wear brass'),
    finish !== null && `looks ${Math.round(100 * finish)} %`,
    fibrePct !== null && `fibres ${fibrePct} %`,
  ].filter(words => typeof words === 'string');
  const peeled = holds.map(
    h =>
      `${h.energyJm2} J/m² on ${plateNames[h.plate]}${h.adhesive ? ` with ${adhesiveNames[h.adhesive]}` : ''}`,
  );
  return [...stated, ...peeled].join(', ');
}

/** Whether anything at all is stated. */
export function statesFacts(facts: OwnFacts | null): boolean {
  if (!facts) return false;
  const { holds, ...single } = facts;
  return holds.length > 0 || Object.values(single).some(v => v !== null);
}
