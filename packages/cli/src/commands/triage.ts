import { parseFault } from '@hornblende/core/formats';
import { triageRank, triageWords, type TriageResult } from '@hornblende/core/triage';
import { Command } from 'commander';
import { print, printJson } from '../output.js';
import { readJson } from '../read-json.js';

/** Causes and tests that are printed for people. */
const MOST_CAUSES_PRINTED = 5;

/** `hornblende triage`: from what is seen of a fault to its cause. */
export function triageCommand(): Command {
  return new Command('triage')
    .description('rank the causes of a fault, and the tests that would tell them apart')
    .argument('<report>', 'a hornblende-fault as JSON, or - for standard input')
    .option('--json', 'print JSON only')
    .action((file: string, o: { json?: boolean }) => {
      const { causes, nextTests, symptoms, state } = triageRank(parseFault(readJson(file)));
      if (o.json) printJson({ causes, nextTests, symptoms, state });
      else print(triageText({ causes, nextTests, symptoms, state }));
    });
}

function triageText(r: TriageResult): string {
  return [
    triageWords(r),
    '',
    ...r.causes
      .slice(0, MOST_CAUSES_PRINTED)
      .map(c => `${(100 * c.probability).toFixed(0).padStart(3)} %  ${c.label} (${c.domain})`),
    '',
    ...(r.nextTests.length ? ['What tells the most for its time:'] : ['No test tells any more.']),
    ...r.nextTests
      .slice(0, MOST_CAUSES_PRINTED)
      .map(t => `  ${t.how} (${t.minutes} min, ${t.informationBits.toFixed(2)} bits; ${t.id})`),
  ].join('\n');
}
