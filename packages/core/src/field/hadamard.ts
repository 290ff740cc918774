/**
 * The Walsh–Hadamard transform of eight values in place, three stages of sums and differences: a value for each corner
 * of a brick becomes eight times a coefficient for each term (and back, without the eighth).
 */
export function hadamard(v: Float64Array, from: number): void {
  const a = v[from]!;
  const b = v[from + 1]!;
  const c = v[from + 2]!;
  const d = v[from + 3]!;
  const e = v[from + 4]!;
  const f = v[from + 5]!;
  const g = v[from + 6]!;
  const h = v[from + 7]!;
  const ab = a + b;
  const ba = b - a;
  const cd = c + d;
  const dc = d - c;
  const ef = e + f;
  const fe = f - e;
  const gh = g + h;
  const hg = h - g;
  const abcd = ab + cd;
  const cdab = cd - ab;
  const badc = ba + dc;
  const dcba = dc - ba;
  const efgh = ef + gh;
  const ghef = gh - ef;
  const fehg = fe + hg;
  const hgfe = hg - fe;
  v[from] = abcd + efgh;
  v[from + 1] = badc + fehg;
  v[from + 2] = cdab + ghef;
  v[from + 3] = dcba + hgfe;
  v[from + 4] = efgh - abcd;
  v[from + 5] = fehg - badc;
  v[from + 6] = ghef - cdab;
  v[from + 7] = hgfe - dcba;
}

/** The same turned about: eight coefficients become the values at the corners. */
export function hadamardBack(v: Float64Array, from: number): void {
  // Corner a has the sign −1 along an axis where its bit is 0: the transform's transpose.
  for (let stage = 1; stage < 8; stage *= 2)
    for (let i = 0; i < 8; i++) {
      if (i & stage) continue;
      const even = v[from + i]!;
      const odd = v[from + i + stage]!;
      v[from + i] = even - odd;
      v[from + i + stage] = even + odd;
    }
}
