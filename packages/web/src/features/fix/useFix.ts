import { warpOutcome, warpSetup } from '@hornblende/core/advice';
import type { StoredFault } from '@hornblende/core/api';
import { Fault, FaultOf, type Outcome } from '@hornblende/core/formats';
import { families, statesFacts } from '@hornblende/core/materials';
import { printsThere } from '@hornblende/core/print';
import { FaultContext, triageRank, type SymptomId, type TriageResult } from '@hornblende/core/triage';
import { computed, type ComputedRef } from 'vue';
import { api } from '../../api/client';
import { ApiError } from '../../api/request';
import { useFaults } from '../../stores/faults';
import { useLibrary } from '../../stores/library';
import { usePrinters } from '../../stores/printers';
import { usePrints } from '../../stores/prints';
import { useShelf } from '../../stores/shelf';
import { useBenchSheet } from '../bench/useBenchSheet';
import { emptySheet, isBegun, sheetOf, type FixSheet } from './fix-sheet';
import { dayText } from '../../ui/day-text';

/** A fault being found: what is seen and known, what it may be, what to try next. It stays in the browser. */
export interface LiveFix {
  sheet: ComputedRef<FixSheet>;
  put: (change: Partial<FixSheet>) => void;
  clear: () => void;
  result: ComputedRef<TriageResult>;
  fault: ComputedRef<Fault>;
  stateOf: (symptom: SymptomId) => 'seen' | 'absent' | 'unknown';
  /** Seen, then not there, then not looked for. */
  turn: (symptom: SymptomId) => void;
  answer: (test: string, outcome: Outcome) => void;
  takeBack: (test: string) => void;
  /** Begins with what a failed print already says. @returns whether there is such a print @throws ApiError */
  fromPrint: (id: string) => Promise<boolean>;
  /** Goes on with one that was kept. */
  goOn: (stored: StoredFault) => void;
}

/** Nothing for what is not there; anything else is still a failure. @throws ApiError */
function orNothing(e: unknown): null {
  if (e instanceof ApiError && e.status === 404) return null;
  throw e;
}

/** @returns the fault in hand */
export function useFix(): LiveFix {
  const library = useLibrary();
  const printers = usePrinters();
  const prints = usePrints();
  const shelf = useShelf();
  const faults = useFaults();
  const { sheet, put, clear } = useBenchSheet<FixSheet>('fix', emptySheet);
  const fault = computed(() => {
    const s = sheet.value;
    const printer = printers.list.find(p => p.id === s.printerId)?.profile;
    const context = Object.assign(new FaultContext(), {
      family: s.family || null,
      printer: printer ? { ...printer } : {},
      spool: s.spoolState ? { state: s.spoolState } : {},
      facts: s.facts,
      nozzleC: s.nozzleC,
      bedC: s.bedC,
      chamberC: s.chamberC,
      fanPct: s.fanPct,
      part: {
        lengthMm: s.lengthMm,
        sharpCorners: s.sharpCorners,
        liftChance: s.liftChance,
        printsThere: s.printsThere,
        failedThere: s.failedThere,
      },
    });
    return Object.assign(new Fault(), {
      format: 'hornblende-fault',
      version: 1,
      symptoms: s.seen,
      absent: s.absent,
      tried: s.tried,
      context,
      history: faults.history,
      of: Object.assign(new FaultOf(), {
        name: s.name,
        printId: s.printId || null,
        partId: s.partId || null,
        printerId: s.printerId || null,
        spoolId: s.spoolId || null,
      }),
    });
  });
  const stateOf: LiveFix['stateOf'] = symptom => {
    if (sheet.value.seen.includes(symptom)) return 'seen';
    return sheet.value.absent.includes(symptom) ? 'absent' : 'unknown';
  };
  function turn(symptom: SymptomId): void {
    const { seen, absent } = sheet.value;
    const state = stateOf(symptom);
    put({
      seen: state === 'unknown' ? [...seen, symptom] : seen.filter(s => s !== symptom),
      absent: state === 'seen' ? [...absent, symptom] : absent.filter(s => s !== symptom),
    });
  }
  const takeBack = (test: string): void => put({ tried: sheet.value.tried.filter(t => t.test !== test) });

  const goOn = (stored: StoredFault): void => {
    faults.takenOver(stored);
    put(sheetOf(stored));
  };

  async function fromPrint(id: string): Promise<boolean> {
    const before = sheet.value;
    // What is pressed while the rest is fetched stays, and so does all of it where the page is opened again.
    if (sheet.value.printId !== id) {
      clear();
      put({ printId: id });
    }
    const begun = faults.open.find(f => f.fault.of.printId === id);
    if (begun && sheet.value.id !== begun.id && !isBegun(sheet.value)) goOn(begun);
    await Promise.all([prints.load(), printers.load(), library.load(), shelf.load()]);
    const print = prints.list.find(p => p.id === id)?.print;
    if (!print) {
      put(before);
      return false;
    }
    // Its part may have been removed since.
    const part = print.partId ? await api.part(print.partId).catch(orNothing) : null;
    // Another print was chosen meanwhile.
    if (sheet.value.printId !== id) return true;
    const brief = part?.brief ?? null;
    const spool = shelf.rows.find(r => r.id === print.spoolId);
    const printer = printers.list.find(p => p.id === print.printerId)?.profile;
    const filament = library.find(print.material);
    const there = printsThere(print, prints.entries);
    const stated = [spool?.spool.facts, library.grades.get(print.material)?.grade.facts];
    put({
      family: families.some(f => f.key === print.family) ? print.family : '',
      printerId: print.printerId ?? '',
      spoolState: spool?.moisture?.state ?? '',
      facts: stated.find(facts => facts && statesFacts(facts)) ?? null,
      chamberC: printer?.chamberC ?? null,
      lengthMm: brief
        ? Math.max(brief.geometry.xMm, brief.geometry.yMm)
        : print.sizeMm
          ? Math.max(...print.sizeMm)
          : null,
      sharpCorners: brief?.geometry.sharpCorners ?? null,
      name: print.part,
      partId: print.partId ?? '',
      spoolId: spool ? spool.id : '',
      liftChance: brief && filament ? warpOutcome(warpSetup(brief, filament, printer ?? null)).pLift : null,
      printsThere: there?.prints ?? null,
      failedThere: there?.failed ?? null,
      from: `${print.part}, ${dayText(print.at)}${print.note ? `: ${print.note}` : ''}`,
    });
    return true;
  }
  return {
    sheet,
    put,
    clear,
    fault,
    result: computed(() => triageRank(fault.value)),
    stateOf,
    turn,
    answer: (test, outcome) =>
      put({ tried: [...sheet.value.tried.filter(t => t.test !== test), { test, outcome }] }),
    takeBack,
    fromPrint,
    goOn,
  };
}
