import { plasticKindOf, type PlasticKind } from '../materials/plastic-kind.js';

/** How two kinds hold on to each other. */
export type Bond = 'welds' | 'holds' | 'little' | 'none';

/**
 * How kinds hold on to each other, from what people who overmould and print in two filaments report; estimates. What
 * is not listed does not hold.
 */
const between: readonly (readonly [PlasticKind, PlasticKind, Bond, string])[] = [
  ['styrenic', 'pc', 'welds', 'They mix: the blend of both is a plastic of its own.'],
  ['styrenic', 'acrylic', 'holds', 'They weld under heat; the seam is brittle.'],
  ['acrylic', 'pc', 'little', 'They stick while hot and part when bent.'],
  ['tpe', 'pp', 'holds', 'Styrenic rubber is overmoulded on polypropylene: they mix at the seam.'],
  ['tpe', 'styrenic', 'holds', 'Both are styrenic at the seam.'],
  ['pp', 'pe', 'little', 'Both are polyolefins, yet they part when pulled.'],
  ['tpu', 'pla', 'holds', 'Polyurethane wets it well; it peels before it tears.'],
  ['tpu', 'styrenic', 'holds', 'Polyurethane and styrenics are overmoulded on each other.'],
  ['tpu', 'pc', 'holds', 'Polyurethane and polycarbonate are overmoulded on each other.'],
  ['tpu', 'pa', 'holds', 'Hot and dry it holds; damp nylon lets go.'],
  ['tpu', 'polyester', 'little', 'It peels by hand; give it an undercut to hold by.'],
  ['polyester', 'pla', 'little', 'It parts along the seam: each serves as support of the other.'],
  ['polyester', 'pc', 'holds', 'They are blended, but a seam is weaker than either.'],
  ['styrenic', 'pla', 'little', 'They stick while hot and part when bent.'],
  ['soluble', 'pla', 'holds', 'Enough for a support, and it washes away.'],
  ['soluble', 'pa', 'holds', 'Enough for a support, and it washes away.'],
  ['soluble', 'polyester', 'little', 'Enough for a support if its top layers are dense.'],
  ['soluble', 'tpu', 'little', 'Enough for a support.'],
  [
    'soluble',
    'styrenic',
    'little',
    'The warm chamber softens it: a styrene support (HIPS) is the usual answer.',
  ],
];

/** How two families hold on to each other, and why. */
export function bondOf(a: string, b: string): { bond: Bond; why: string } {
  const x = plasticKindOf(a);
  const y = plasticKindOf(b);
  if (x === y) return { bond: 'welds', why: 'They are of one kind, and weld.' };
  const row = between.find(([p, q]) => (p === x && q === y) || (p === y && q === x));
  return row
    ? { bond: row[2], why: row[3] }
    : { bond: 'none', why: 'They do not wet each other: the seam falls apart.' };
}
