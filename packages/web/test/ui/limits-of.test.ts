import { GradeIdentity, Printer, Spool } from '@hornblende/core/formats';
import { describe, expect, it } from 'vitest';
import { limitsOf } from '../../src/ui/limits-of';

describe('the limits of a form', () => {
  it('are those that the field is read by, of numbers, of lists of numbers and of texts', () => {
    expect(limitsOf(Printer).number('nozzleMaxC')).toEqual({ min: 0, max: 600 });
    expect(limitsOf(Printer).number('buildMm')).toEqual({ min: 1, max: 5000 });
    expect(limitsOf(Spool).text('colour')).toEqual({ maxlength: 60 });
    // Those of a class that it extends are its own.
    expect(limitsOf(GradeIdentity).text('note')).toEqual({ maxlength: 2000 });
  });
  it('are not asked of a field that has none', () => {
    expect(() => limitsOf(Printer).number('name')).toThrow('Printer.name is no number');
    expect(() => limitsOf(Printer).text('bedMaxC')).toThrow('Printer.bedMaxC is no text');
  });
});
