import type { ListedPlacement } from '@hornblende/core/api';
import { parseInspection, type Inspection } from '@hornblende/core/formats';
import { checksFor, type CheckId, type FailureMode, type ServiceCheck } from '@hornblende/core/service';
import { useKept } from '../../stores/browser-store';
import { computed, ref, shallowRef, type ComputedRef, type Ref, type ShallowRef } from 'vue';
import { useLooksQueue } from '../../stores/looks-queue';
import { lookId, nameOf, shrunk } from '../../ui/photo';

/** A look as it is being written. */
export type LookDraft = Pick<
  Inspection,
  | 'bentMm'
  | 'bentOverMm'
  | 'wornMm'
  | 'spareBreakN'
  | 'springs'
  | 'nail'
  | 'cracks'
  | 'crackedAt'
  | 'fading'
  | 'note'
  | 'by'
> & {
  verdict: Inspection['verdict'] | '';
  mode: FailureMode | '';
  straight: 'yes' | 'no' | '';
  tight: 'yes' | 'no' | '';
  chewed: 'yes' | 'no' | '';
};

const empty = (by: string): LookDraft => ({
  verdict: '',
  mode: '',
  straight: '',
  tight: '',
  chewed: '',
  bentMm: null,
  bentOverMm: null,
  wornMm: null,
  spareBreakN: null,
  springs: 'not-tried',
  nail: 'not-tried',
  cracks: 'not-looked',
  crackedAt: '',
  fading: 'not-seen',
  note: '',
  by,
});

/** A look at one part: what is asked, what was answered, its photographs, and taking it. */
export interface OpenLook {
  checks: ComputedRef<ServiceCheck[]>;
  why: (id: CheckId) => string;
  draft: Ref<LookDraft>;
  photos: ShallowRef<{ name: string; blob: Blob; url: string }[]>;
  problem: Ref<string>;
  addPhoto: (file: Blob) => Promise<void>;
  dropPhoto: (name: string) => void;
  /** Takes the look. @returns whether it could be taken */
  take: () => Promise<boolean>;
}

/** Most photographs of one look. */
const MOST_PHOTOS = 6;

/** A look being written at a part; what is answered stays when the page goes away. */
export function useLook(placed: () => ListedPlacement): OpenLook {
  const queue = useLooksQueue();
  const who = useKept<string>('hornblende-looker', '');
  const key = `hornblende-look-${placed().id}`;
  const draft = useKept<LookDraft>(key, empty(who.value));
  const photos = shallowRef<{ name: string; blob: Blob; url: string }[]>([]);
  const problem = ref('');
  const checks = computed(() => checksFor(placed().placement));

  async function addPhoto(file: Blob): Promise<void> {
    problem.value = '';
    if (photos.value.length >= MOST_PHOTOS) {
      problem.value = `${MOST_PHOTOS} photographs of one look are enough.`;
      return;
    }
    try {
      const blob = await shrunk(file);
      photos.value = [...photos.value, { name: await nameOf(blob), blob, url: URL.createObjectURL(blob) }];
    } catch (e) {
      problem.value = (e as Error).message;
    }
  }
  function dropPhoto(name: string): void {
    const gone = photos.value.find(p => p.name === name);
    if (gone) URL.revokeObjectURL(gone.url);
    photos.value = photos.value.filter(p => p !== gone);
  }

  async function take(): Promise<boolean> {
    const d = draft.value;
    problem.value = missing(d);
    if (problem.value) return false;
    const { verdict, mode, straight, tight, chewed, ...rest } = d;
    const look = parseInspection({
      ...rest,
      id: lookId(),
      placementId: placed().id,
      at: new Date().toISOString(),
      verdict,
      mode: verdict === 'failed' ? mode : null,
      bentMm: straight === 'no' ? d.bentMm : null,
      bentOverMm: straight === 'no' ? d.bentOverMm : null,
      loose: tight === 'no',
      chewed: chewed === 'yes',
      photos: photos.value.map(p => ({ sha256: p.name })),
    });
    who.value = d.by;
    await queue.add(look, new Map(photos.value.map(p => [p.name, p.blob])));
    for (const { url } of photos.value) URL.revokeObjectURL(url);
    photos.value = [];
    draft.value = empty(d.by);
    return true;
  }
  return {
    checks,
    why: id => checks.value.find(c => c.id === id)?.why ?? '',
    draft,
    photos,
    problem,
    addPhoto,
    dropPhoto,
    take,
  };
}

function missing({ verdict, mode }: LookDraft): string {
  if (!verdict) return 'Say what it comes to: fine, worn, failed, lost or removed.';
  return verdict === 'failed' && !mode ? 'Say how it failed.' : '';
}
