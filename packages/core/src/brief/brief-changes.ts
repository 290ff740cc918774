import diff from 'microdiff';
import type { Brief } from './brief.js';
import { labelOf } from './field-labels.js';

/** One difference between two briefs. */
export interface BriefChange {
  path: string;
  label: string;
  from: unknown;
  to: unknown;
}

/** These are told whole: that one chemical of three, or one figure of a field, changed says nothing. */
const wholeLists = new RegExp(
  '^(contact\\.chemicals|flex\\.shoreA|looks\\.wishes|print\\.aids|' +
    'geometry\\.(?:fromFile|up|deepShares|footFill|fillets)|' +
    'loads\\.\\d+\\.(?:heldAtMm|actsAtMm|held|acts|field|assumed))\\..+$',
);

/** What differs between two briefs, field by field, in words. Weights that are not set do not appear. */
export function briefChanges(before: Brief, after: Brief): BriefChange[] {
  const seen = new Set<string>();
  return diff(before, after).flatMap(d => {
    const full = d.path.join('.');
    const path = wholeLists.exec(full)?.[1] ?? full;
    if (seen.has(path)) return [];
    seen.add(path);
    return [{ path, label: labelOf(path), from: valueAt(before, path), to: valueAt(after, path) }];
  });
}

function valueAt(object: unknown, path: string): unknown {
  return path
    .split('.')
    .reduce<unknown>(
      (at, key) => (typeof at === 'object' && at !== null ? (at as Record<string, unknown>)[key] : undefined),
      object,
    );
}
