import { Command, InvalidArgumentError } from 'commander';
import { writeFileSync } from 'node:fs';
import { InputError } from '@hornblende/core';
import { print } from '../output.js';

interface CouponCommand {
  set: Record<string, number>;
  out: string;
}

/** Reads one `name=value`. @throws InvalidArgumentError */
function setting(text: string, before: Record<string, number>): Record<string, number> {
  const [, name, value] = /^([A-Za-z]\w*)=(.+)$/.exec(text) ?? [];
  const number = Number(value);
  if (name === undefined || !Number.isFinite(number))
    throw new InvalidArgumentError('it is written name=number, such as lengthMm=80.');
  return { ...before, [name]: number };
}

/** `hornblende coupon`: makes a shape from numbers. */
export function couponCommand(): Command {
  return new Command('coupon')
    .description('make a coupon as STL or 3MF')
    .argument('<kind>', 'its kind; an unknown one lists them')
    .option('--set <name=value>', 'one of its numbers; may be given several times', setting, {})
    .requiredOption('--out <file>', 'where it is written: .stl or .3mf')
    .action(async (kind: string, o: CouponCommand) => {
      const { makeCoupon, stlBytes, threeMfBytes } = await import('@hornblende/core/coupons');
      const is3mf = o.out.toLowerCase().endsWith('.3mf');
      if (!is3mf && !o.out.toLowerCase().endsWith('.stl'))
        throw new InputError([{ field: 'out', value: o.out, message: 'must end with .stl or .3mf' }]);
      const positions = await makeCoupon(kind, o.set);
      writeFileSync(o.out, is3mf ? threeMfBytes(positions) : stlBytes(positions));
      print(`${o.out}: ${positions.length / 9} triangles`);
    });
}
