import {
  firstMachines,
  type Family,
  type FirstMachine,
  type MachineKind,
  type UnprintedPart,
} from '@hornblende/core';

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
