import { parseWorkshop } from '@hornblende/core/formats';
import { USUAL_RATES, type PrintRates } from '@hornblende/core/workshop';
import type { Knex } from 'knex';

/** What the workshop's settings say that printing costs; the usual where they say nothing that can be read. */
export async function printRates(db: Knex): Promise<PrintRates> {
  const row = (await db('workshop').first('settings')) as { settings: string } | undefined;
  if (!row) return USUAL_RATES;
  try {
    const { machinePerHour, labourEach } = parseWorkshop(JSON.parse(row.settings));
    return { machinePerHour, labourEach };
  } catch {
    // Damaged settings are told of where they are shown.
    return USUAL_RATES;
  }
}
