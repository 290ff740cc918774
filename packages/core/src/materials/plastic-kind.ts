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

/** The kind that a family is of, by its key; null where none is known. */
export function plasticKindIfKnown(key: string): PlasticKind | null {
  return kindByFamily.find(([pattern]) => pattern.test(key))?.[1] ?? null;
}

/** The kind that a family of the library is of, by its key. @throws Error for a key that the library has not */
export function plasticKindOf(key: string): PlasticKind {
  const kind = plasticKindIfKnown(key);
  if (!kind) throw new Error(`no kind of plastic is known for ${key}`);
  return kind;
}
