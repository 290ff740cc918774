import type { RouteLocationNormalizedLoaded } from 'vue-router';

/** Pages by how their address begins or ends, and the chapter that tells of them; the first that fits counts. */
const chapters: readonly [RegExp, string][] = [
  [/^\/parts\/[^/]+\/rank/, 'The ranking'],
  [/^\/parts\/[^/]+\/decision/, 'The decision'],
  [/^\/parts\/[^/]+\/shape/, 'Shape'],
  [/^\/parts\/[^/]+\/warp/, 'Warp'],
  [/^\/parts\/[^/]+\/card/, 'The print card'],
  [/^\/parts\/[^/]+\/trial/, 'Trial'],
  [/^\/parts/, 'The brief'],
  [/^\/workshop\/bench/, 'The bench'],
  [/^\/workshop/, 'The workshop'],
  [/^\/(service|pair|s\/)/, 'Service'],
  [/^\/fix/, 'Fix'],
  [/^\/drills/, 'Drills'],
  [/^\/library/, 'The library'],
  [/^\/settings/, 'Safe keeping'],
];

/** The chapter of the guide that tells of a page. */
export function chapterOf({ path }: Pick<RouteLocationNormalizedLoaded, 'path'>): string {
  return chapters.find(([pattern]) => pattern.test(path))?.[1] ?? 'The brief';
}
