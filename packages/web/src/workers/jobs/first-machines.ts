import { firstMachines, type FirstMachine, type UnprintedPart } from '@hornblende/core/advice';
import type { Family } from '@hornblende/core/materials';
import type { MachineKind } from '@hornblende/core/workshop';

/** Parts without a printer, who takes part, and what machines cost here. */
export interface FirstMachinesQuestion {
  parts: UnprintedPart[];
  families: Family[];
  prices: Partial<Record<MachineKind, number>>;
}

/** Finds the machines that print the first choices of parts: some eight rankings a part. */
export function run({ parts, families, prices }: FirstMachinesQuestion): FirstMachine[] {
  return firstMachines(parts, families, prices);
}
