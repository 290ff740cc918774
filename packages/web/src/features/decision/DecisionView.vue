<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import { useLibrary } from '../../stores/library';
import MoreButton from '../../ui/MoreButton.vue';
import PageState from '../../ui/PageState.vue';
import StatusMark from '../../ui/StatusMark.vue';
import { useUnits } from '../../ui/useUnits';
import { useDraft } from '../part/draft';
import { useRanking } from '../part/useRanking';
import DecidedPanel from './DecidedPanel.vue';
import DecideForm from './DecideForm.vue';
import RecordCard from './RecordCard.vue';
import { useDecisions } from './useDecisions';

const draft = useDraft();
const { say } = useUnits();
const { ranking } = useRanking();
const library = useLibrary();
const { list: decisions, opened, state, next, load, loadMore, open, withdrawn } = useDecisions();
const firstChoice = ref('');
/** Whether the form stands open over a decision: asked for by hand, or brought from a trial. */
const { query } = useRoute();
const deciding = ref(typeof query.first === 'string');
function recorded(): void {
  deciding.value = false;
  void load(draft.id);
}

watch(
  () => draft.id,
  () => void load(draft.id),
  { immediate: true },
);

const candidates = computed(() => ranking.value?.candidates ?? []);
const nameOf = (key: string | null): string => (key === null ? 'nothing' : library.nameOf(key));
const familyOf = (key: string | null): string | null =>
  candidates.value.find(c => c.material === key)?.family ?? key;
/** Everything but the choice being recorded, with its main reason against. */
const others = computed(() => candidates.value.filter(c => c.material !== firstChoice.value));
/** The newest decision that stands. */
const latest = computed(() => decisions.value.find(d => d.withdrawn === null) ?? null);
/** What led when the newest decision was taken. */
const ledThen = computed(() => opened.value.get(latest.value?.id ?? '')?.record.ranking.firstChoice);
/** Another grade of the family that led then is no other answer. */
const differs = computed(
  () =>
    ledThen.value !== undefined && familyOf(ranking.value?.firstChoice ?? null) !== familyOf(ledThen.value),
);
</script>

<template>
  <div v-if="ranking && draft.brief" class="page decision">
    <div class="columns" :class="{ folded: latest && !deciding }">
      <DecidedPanel v-if="latest && !deciding" :decision="latest" @again="deciding = true" />
      <DecideForm v-else v-model:first-choice="firstChoice" :ranking="ranking" @recorded="recorded" />
      <section aria-label="Record">
        <h2>The record</h2>
        <PageState :state="state" what="the record" @retry="load(draft.id)">
          <p v-if="!decisions.length" class="soft">
            Nothing is decided yet. What you record here keeps the brief, the printer and the whole ranking as
            they stood, so that the choice can be defended in two years.
          </p>
          <p v-if="differs" class="notice small">
            Today’s answer differs: {{ nameOf(ranking.firstChoice) }} leads now,
            {{ nameOf(ledThen ?? null) }} led then.
          </p>
          <RecordCard
            v-for="d in decisions"
            :key="d.id"
            :decision="d"
            :opened="opened.get(d.id) ?? null"
            :latest="d === latest"
            @open="open(d)"
            @withdrawn="withdrawn"
          />
          <MoreButton :more="next !== null" what="decisions" :load="loadMore" />
          <div v-if="!decisions.length && others.length" class="others">
            <h3>Today, why not the others</h3>
            <ul>
              <li v-for="o in others" :key="o.material">
                <b>{{ o.name }}</b> <StatusMark :status="o.status" />
                <span class="soft small"> {{ say(o.against[0] ?? 'A lower score.') }}</span>
              </li>
            </ul>
          </div>
        </PageState>
      </section>
    </div>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(0, 1fr);
  gap: 44px;
  align-items: start;
}
/* Once it is decided the record is what is read: the decision stands beside it, and stays as one reads down. */
.columns.folded {
  grid-template-columns: minmax(0, 22rem) minmax(0, 1fr);
}
.folded > :first-child {
  position: sticky;
  top: 16px;
}
section {
  border-left: 1px solid var(--rule);
  padding-left: 30px;
}
.others {
  margin-top: 18px;
}
.others ul {
  list-style: none;
  margin: 4px 0 0;
  padding: 0;
}
.others li {
  padding: 4px 0;
  border-top: 1px solid var(--rule);
  line-height: 1.35;
}
@media (max-width: 860px) {
  .columns,
  .columns.folded {
    grid-template-columns: minmax(0, 1fr);
  }
  .folded > :first-child {
    position: static;
  }
  section {
    border-left: 0;
    padding-left: 0;
  }
}
</style>
