import { settingsTrade, wallsAgainstInfill, type SettingsPoint } from '@hornblende/core/advice';
import type { Brief, Printer } from '@hornblende/core/formats';
import type { Family } from '@hornblende/core/materials';

/** A part, and the filament and printer that it is printed with. */
export interface SettingsTradeQuestion {
  brief: Brief;
  family: Family;
  printer: Printer | null;
}

/** Every way to set it within reach, and what two more walls buy. */
export interface SettingsTradeAnswer {
  points: SettingsPoint[];
  sentence: string;
}

/** Trades walls, infill, pattern and layers against grams, minutes, strength and stiffness. */
export function run({ brief, family, printer }: SettingsTradeQuestion): SettingsTradeAnswer {
  return {
    points: settingsTrade(brief, family, printer),
    sentence: wallsAgainstInfill(brief, family, printer).sentence,
  };
}
