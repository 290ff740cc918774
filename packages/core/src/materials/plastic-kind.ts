/** Kinds of plastic: those of one kind weld, and are sorted together when they are done with. */
export type PlasticKind =
  | 'pla'
  | 'polyester'
  | 'styrenic'
  | 'acrylic'
  | 'pc'
  | 'pa'
  | 'pp'
  | 'pe'
  | 'pom'
  | 'fluoro'
  | 'tpu'
  | 'tpe'
  | 'soluble'
  | 'pvb'
  | 'imide';

const kindByFamily: readonly (readonly [RegExp, PlasticKind])[] = [
  [/^pla/, 'pla'],
  [/^(petg|copolyester|pet)/, 'polyester'],
  [/^(abs|asa|hips)/, 'styrenic'],
  [/^pmma/, 'acrylic'],
  [/^pc/, 'pc'],
  [/^(pei|peek|psu|ppsu|pps)/, 'imide'],
  [/^pom/, 'pom'],
  [/^hdpe/, 'pe'],
  [/^pvdf/, 'fluoro'],
  [/^pa/, 'pa'],
  [/^pp/, 'pp'],
  [/^tpu/, 'tpu'],
  [/^tpe/, 'tpe'],
  [/^(pva|bvoh)/, 'soluble'],
  [/^pvb/, 'pvb'],
];

/** The kind that a family is of, by its key. */
export function plasticKindOf(key: string): PlasticKind {
  const found = kindByFamily.find(([pattern]) => pattern.test(key));
  if (!found) throw new Error(`no kind of plastic is known for ${key}`);
  return found[1];
}
