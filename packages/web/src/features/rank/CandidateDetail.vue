<script setup lang="ts">
import { sig } from '@hornblende/core/lib';
import { DOUBT_COSTS, doubtWords, scoreShown, type Candidate } from '@hornblende/core/score';
import { loggedLike } from '@hornblende/core/service';
import { computed, onMounted } from 'vue';
import { useLibrary } from '../../stores/library';
import { useService } from '../../stores/service';
import { useShelf } from '../../stores/shelf';
import { useWorkshop } from '../../stores/workshop';
import StatusMark from '../../ui/StatusMark.vue';
import { useUnits } from '../../ui/useUnits';
import WorkingNumber from '../../ui/WorkingNumber.vue';
import { useDraft } from '../part/draft';
import GateList from './GateList.vue';

/** One candidate in words: reasons, cautions, what one costs, and every gate. */
const props = defineProps<{ candidate: Candidate }>();
const emit = defineEmits<{ score: []; cost: [] }>();
const shelf = useShelf();
const workshop = useWorkshop();
const { say, show } = useUnits();
const draft = useDraft();
const service = useService();
const library = useLibrary();
onMounted(() => {
  if (service.state !== 'ready') void service.load().catch(() => undefined);
});
/** What became of logged parts like this one, own and others’, with the number behind it; empty of none. */
const like = computed(() => {
  if (!draft.brief) return '';
  const logged = loggedLike(service.placed, props.candidate.family, draft.brief, library.familyKeyOf);
  if (!logged) return '';
  const share = Math.floor(100 * logged.lowerBound95);
  return `${logged.words} At least ${share} in 100 such parts stand, at 95 % confidence.`;
});
/** How likely it holds, and what doubt takes from its score. */
const standing = computed(() => {
  const { doubt, doubtAbout, pHolds } = props.candidate;
  const holds = pHolds === null ? '' : `As its spools scatter, ${holdsWords(pHolds)} would hold in service.`;
  if (doubt < SLIGHT_DOUBT || doubtAbout === null) return holds;
  const taken = (DOUBT_COSTS * doubt).toFixed(2);
  return `${holds} A doubt about ${doubtWords(doubtAbout)} takes ${taken} from its score.`.trim();
});
/** A doubt that takes less than a hundredth is not worth a word. */
const SLIGHT_DOUBT = 0.025;
function holdsWords(p: number): string {
  const of = Math.round(100 * p);
  return of >= 100 ? 'nearly all' : `${of} of 100`;
}
/** Reasons against that are told; the gates say the rest. */
const AGAINST = 3;
</script>

<template>
  <aside class="detail" :aria-label="candidate.name">
    <div class="head">
      <h2>
        {{ candidate.name
        }}<span v-if="candidate.baked" class="soft small"
          >, baked {{ candidate.baked.hours }} h at {{ show(candidate.baked.ovenC, 'temperature') }}</span
        >
      </h2>
      <StatusMark :status="candidate.status" />
      <WorkingNumber class="score" @click="emit('score')">{{
        scoreShown(candidate).toFixed(2)
      }}</WorkingNumber>
    </div>
    <p v-for="reason in candidate.for" :key="reason">{{ say(reason) }}</p>
    <p v-for="reason in candidate.against.slice(0, AGAINST)" :key="reason">
      <b>Against:</b> {{ say(reason) }}
    </p>
    <p v-if="standing" class="soft small" data-testid="standing">{{ standing }}</p>
    <p v-for="caution in candidate.cautions" :key="caution" class="caution small">{{ say(caution) }}</p>
    <p class="soft small">
      One weighs {{ show(candidate.printing.massG, 'mass', 1) }}, takes
      {{ sig(candidate.printing.hours, 2) }} h and
      <WorkingNumber @click="emit('cost')"
        >costs {{ workshop.currency }}{{ candidate.printing.costEach.toFixed(2) }}</WorkingNumber
      >.<template v-if="shelf.stock.has(candidate.material)"
        >{{ ' '
        }}<RouterLink to="/workshop/spools"
          >{{ show(shelf.stock.get(candidate.material), 'mass') }} on the shelf</RouterLink
        >.</template
      >
    </p>
    <p v-if="like" class="small" data-testid="yours-like">
      <RouterLink to="/service">{{ like }}</RouterLink>
    </p>
    <h3>Gates</h3>
    <GateList :candidate="candidate" />
  </aside>
</template>

<style scoped>
.detail {
  border-left: 1px solid var(--rule);
  padding-left: 22px;
  font-size: 14.5px;
  min-width: 0;
}
p {
  margin-bottom: 7px;
}
.head {
  display: flex;
  gap: 10px;
  align-items: baseline;
  margin-bottom: 8px;
}
.score {
  margin-left: auto;
}
.caution {
  border-left: 3px solid var(--marginal-fill);
  padding-left: 10px;
}
h3 {
  margin: 12px 0 4px;
}
@media (max-width: 1180px) {
  .detail {
    padding-left: 16px;
  }
}
@media (max-width: 860px) {
  .detail {
    border-left: 0;
    padding-left: 0;
    border-top: 1px solid var(--rule);
    padding-top: 14px;
  }
}
</style>
