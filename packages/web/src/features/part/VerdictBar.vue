<script setup lang="ts">
import { provisionalReasons, provisionalWords } from '@hornblende/core/advice';
import { isUntouched, stillUnknown } from '@hornblende/core/brief';
import { sig } from '@hornblende/core/lib';
import {
  AS_GOOD_WITHIN,
  asGoodNames,
  gateLabel,
  scoreWorking,
  type Candidate,
  type Gate,
  type Ranking,
  scoreShown,
} from '@hornblende/core/score';
import { DownOutlined, LoadingOutlined, UpOutlined } from '@ant-design/icons-vue';
import { Button, Tooltip } from '../../ui/kit';
import { computed, ref } from 'vue';
import { useWorking } from '../../stores/working';
import StatusMark from '../../ui/StatusMark.vue';
import { useUnits } from '../../ui/useUnits';
import WorkingNumber from '../../ui/WorkingNumber.vue';
import { useDraft } from './draft';
import DecidedMark from './DecidedMark.vue';
import SaveState from './SaveState.vue';
import { thinnestMargin } from './thinnest-margin';
import { useProvisional } from './useProvisional';
import { useRobustness } from './useRobustness';

const props = defineProps<{
  ranking: Ranking;
  first: Candidate | null;
  second: Candidate | null;
  partId: string;
}>();
/** On a phone the verdict is one line until it is opened. */
const opened = ref(false);
const draft = useDraft();
const working = useWorking();
const { gate, say } = useUnits();

/** Nothing is said yet but a name: a winner now would mean nothing. */
const untouched = computed(() => draft.content !== null && isUntouched(draft.content.given));
const unknown = computed(() => stillUnknown(draft.content?.given ?? {}));
/** Who cannot be told from the first choice: then there is no runner-up. */
const equals = computed(() => asGoodNames(props.ranking.asGood, 1));
const thinnest = computed(() => thinnestMargin(props.first));
const thinnestWords = computed(() =>
  thinnest.value ? `${gateLabel(thinnest.value.id)}: ${gate(thinnest.value)}` : '',
);
const { result, progress } = useRobustness();
/** A question is open that would change the first choice: the draws know nothing of it. */
const provisional = useProvisional();
const provisionalTitle = computed(() =>
  provisional.value ? provisionalReasons(provisional.value).map(say).join(' ') : '',
);
const sure = computed(() => {
  const { first, second } = props;
  if (!first) return '';
  const chance = result.value?.candidates.find(c => c.material === first.material);
  // The rivals and the error stand on the Rank page.
  if (chance) return `first in ${Math.round(100 * chance.pFirst)} of 100 draws`;
  if (props.ranking.school === 'step-up') return `difficulty ${sig(first.printing.difficulty, 2)}`;
  return second ? leadWords(scoreShown(first) - scoreShown(second)) : 'the only one in the running';
});

function leadWords(lead: number): string {
  if (lead <= AS_GOOD_WITHIN) return 'neck and neck';
  return lead < 0.06 ? 'leads by a little' : 'leads clearly';
}
function showGate(g: Gate): void {
  if (!g.working) return;
  working.show({
    title: `${gateLabel(g.id)}, ${props.first?.name ?? ''}`,
    refs: [g.working],
    note: say(g.why),
    weatherId: draft.content?.weatherId ?? null,
  });
}
function showScore(c: Candidate): void {
  working.show({
    title: `Score of ${c.name}`,
    steps: scoreWorking(c, props.ranking.school),
    note: 'Each criterion opens its own working on the strata chart.',
  });
}
</script>

<template>
  <header class="verdict" :class="{ opened }" aria-label="Verdict" data-tour="verdict">
    <template v-if="untouched">
      <div class="unknown" aria-live="polite">
        <span class="k">First choice</span>
        <b data-testid="first-choice">Not asked yet</b>
        <span class="soft" data-testid="still-unknown"> still unknown: {{ unknown.join(', ') }}</span>
      </div>
    </template>
    <template v-else>
      <div class="choice" aria-live="polite">
        <span class="k">First choice</span>
        <template v-if="first">
          <b data-testid="first-choice" :title="first.name">{{ first.name }}</b>
          <span v-if="provisional" class="marginal" :title="provisionalTitle" data-testid="provisional-mark"
            >◌ provisional</span
          >
          <StatusMark v-else :status="first.status" />
        </template>
        <b v-else data-testid="first-choice" class="out">Nothing fits</b>
      </div>
      <template v-if="first">
        <div class="score">
          <span class="k">Score</span>
          <WorkingNumber data-testid="score" @click="showScore(first)">{{
            scoreShown(first).toFixed(2)
          }}</WorkingNumber>
        </div>
        <div class="sure">
          <span class="k">How sure</span>
          <Tooltip v-if="provisional" :title="provisionalTitle">
            <span class="v" data-testid="provisional">{{ provisionalWords(provisional) }}</span>
          </Tooltip>
          <span v-else class="v" data-testid="how-sure" :title="sure"
            >{{ sure
            }}<LoadingOutlined
              v-if="progress !== null"
              spin
              class="soft drawing"
              role="img"
              aria-label="The chances are being worked out"
          /></span>
        </div>
      </template>
      <div v-if="thinnest" class="thin">
        <span class="k">Thinnest margin</span>
        <Tooltip :title="say(thinnest.why)">
          <WorkingNumber v-if="thinnest.working" class="v" @click="showGate(thinnest)">{{
            thinnestWords
          }}</WorkingNumber>
          <span v-else class="v">{{ thinnestWords }}</span>
        </Tooltip>
      </div>
      <div v-if="equals" class="second">
        <span class="k">As good</span>
        <span class="v" :title="equals" data-testid="as-good-names">{{ equals }}</span>
      </div>
      <div v-else-if="second" class="second">
        <span class="k">{{ second.family === first?.family ? 'Runner-up' : 'Best of another family' }}</span>
        <span class="v" :title="second.name"
          >{{ second.name }}
          <WorkingNumber @click="showScore(second)">{{ scoreShown(second).toFixed(2) }}</WorkingNumber></span
        >
      </div>
    </template>
    <Button
      class="more"
      type="text"
      size="small"
      :aria-expanded="opened"
      :aria-label="opened ? 'Fold the verdict' : 'More of the verdict'"
      @click="opened = !opened"
      ><UpOutlined v-if="opened" /><DownOutlined v-else
    /></Button>
    <div class="end">
      <SaveState />
      <DecidedMark :part-id="partId" :first="first" />
    </div>
  </header>
</template>

<style scoped>
/* One row where there is room for it, two below: never as many as the words of the moment make. */
.verdict {
  display: grid;
  grid-template-columns:
    minmax(150px, 1.3fr) auto minmax(112px, 1fr) minmax(150px, 1.5fr) minmax(112px, 1fr)
    auto;
  gap: 4px 18px;
  align-items: center;
  padding: 9px 30px;
  border-bottom: 1px solid var(--rule);
  background: var(--panel-soft);
  position: sticky;
  top: 0;
  z-index: 5;
}
.verdict > div {
  min-width: 0;
}
.verdict > .end {
  grid-column: -2;
  display: flex;
  gap: 14px;
  align-items: center;
}
.unknown {
  grid-column: 1 / -2;
}
.choice b {
  font-size: 19px;
}
.drawing {
  margin-left: 6px;
}
.choice {
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.k {
  display: block;
  font-size: 12px;
  color: var(--soft);
  line-height: 1.3;
}
.v {
  display: block;
  max-width: 100%;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
@media (max-width: 1320px) {
  .verdict {
    grid-template-columns: minmax(0, 1.2fr) auto minmax(0, 1fr) auto;
    padding: 7px 20px;
    /* As high with nothing to say as with two rows: the page beneath does not jump. */
    box-sizing: border-box;
    min-height: 87px;
  }
  .thin {
    grid-column: 1 / 3;
    grid-row: 2;
  }
  .second {
    grid-column: 3;
    grid-row: 2;
  }
  .verdict > .end {
    grid-row: 1 / 3;
  }
  .thin,
  .second {
    display: flex;
    gap: 8px;
    align-items: baseline;
  }
  .thin .k,
  .second .k {
    flex: none;
  }
}
/* The words come before the buttons: those stand one above the other. */
@media (max-width: 1120px) {
  .verdict {
    min-height: 94px;
  }
  .verdict > .end {
    flex-direction: column-reverse;
    align-items: stretch;
    gap: 2px;
  }
}
.more {
  display: none;
}
@media (max-width: 760px) {
  .verdict {
    grid-template-columns: minmax(0, 1fr) auto auto;
    gap: 4px 10px;
    padding: 4px 6px 4px 14px;
    min-height: 0;
  }
  .verdict:not(.opened) > .sure,
  .verdict:not(.opened) > .thin,
  .verdict:not(.opened) > .second,
  .verdict:not(.opened) > .end {
    display: none;
  }
  .more {
    display: inline-flex;
    grid-column: 3;
    grid-row: 1;
    justify-content: center;
    min-width: 34px;
  }
  .choice,
  .unknown {
    grid-column: 1;
    grid-row: 1;
  }
  .score {
    grid-column: 2;
    grid-row: 1;
    text-align: right;
  }
  .choice > .k,
  .score > .k {
    display: none;
  }
  .choice b {
    font-size: 17px;
  }
  .sure,
  .thin,
  .second,
  .verdict > .end {
    grid-column: 1 / -1;
    grid-row: auto;
  }
  .sure {
    display: flex;
    gap: 8px;
    align-items: baseline;
  }
  .v {
    white-space: normal;
  }
  .verdict > .end {
    flex-direction: row;
    align-items: center;
    justify-content: space-between;
  }
}
</style>
