import { Command, InvalidArgumentError } from 'commander';
import { writeFileSync } from 'node:fs';
import { InputError } from '@hornblende/core/input';
import { print } from '../output.js';

interface CouponCommand {
  set: Record<string, number | string>;
  out: string;
}

/** Reads one `name=value`: a number, or the text of a code. @throws InvalidArgumentError */
function setting(text: string, before: Record<string, number | string>): Record<string, number | string> {
  const [, name, value] = /^([A-Za-z]\w*)=(.+)$/.exec(text) ?? [];
  const number = Number(value);
  if (name === undefined || value === undefined || (name !== 'code' && !Number.isFinite(number)))
    throw new InvalidArgumentError('it is written name=number, such as lengthMm=80, or code=text.');
  return { ...before, [name]: name === 'code' ? value : number };
}

/** `hornblende coupon`: makes a shape from numbers. */
export function couponCommand(): Command {
  return new Command('coupon')
    .description('make a coupon as STL or 3MF')
    .argument('<kind>', 'its kind; an unknown one lists them')
    .option('--set <name=value>', 'one of its numbers; may be given several times', setting, {})
    .requiredOption('--out <file>', 'where it is written: .stl or .3mf')
    .action(async (kind: string, o: CouponCommand) => {
      const { couponFile } = await import('@hornblende/server');
      const is3mf = o.out.toLowerCase().endsWith('.3mf');
      if (!is3mf && !o.out.toLowerCase().endsWith('.stl'))
        throw new InputError([{ field: 'out', value: o.out, message: 'must end with .stl or .3mf' }]);
      const bytes = await couponFile(kind, is3mf ? '3mf' : 'stl', o.set);
      writeFileSync(o.out, bytes);
      print(`${o.out}: ${bytes.length} bytes`);
    });
}
