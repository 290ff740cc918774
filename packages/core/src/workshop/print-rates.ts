import { Quantity } from '../input/fields.js';

/** What printing costs besides filament, in the workshop's money: said in its settings, never typed at a printer. */
export class PrintRates {
  @Quantity({
    min: 0,
    max: 1e5,
    doc: 'What an hour of a printer costs: power, wear, its price by its hours.',
  })
  machinePerHour!: number;
  @Quantity({ min: 0, max: 1e5, doc: 'What it costs to set one print up, take it off and clean it.' })
  labourEach!: number;
}
