<script setup lang="ts">
import { startingPoints } from '@hornblende/core';
import { Dropdown, Menu, message, Modal } from 'ant-design-vue';
import dayjs from 'dayjs';
import { tinykeys } from 'tinykeys';
import { computed, onMounted, onUnmounted, ref } from 'vue';
import { useRouter } from 'vue-router';
import { api, type ListedPart } from '../api/client';
import StatusMark from '../components/StatusMark.vue';
import { useStandings } from '../composables/useStandings';
import { useUnits } from '../composables/useUnits';
import { useLibrary } from '../stores/library';
import { useParts } from '../stores/parts';
import { usePrinters } from '../stores/printers';
import { useWeathers } from '../stores/weathers';

const { say } = useUnits();
const parts = useParts();
const library = useLibrary();
const printers = usePrinters();
const weathers = useWeathers();
const router = useRouter();
const search = ref('');
const naming = ref(false);
const name = ref('');
const copyFrom = ref<ListedPart | null>(null);
const startKey = ref('');
const start = computed(() => startingPoints.find(s => s.key === startKey.value) ?? null);
const nameField = ref<HTMLInputElement | null>(null);
let stop: (() => void) | null = null;
onMounted(() => {
  void parts
    .load()
    .then(() => Promise.all(parts.list.map(p => weathers.ensure(p.weatherId).catch(() => undefined))));
  if (!printers.loaded) void printers.load().catch(() => undefined);
  stop = tinykeys(window, {
    n: e => {
      if (!(e.target instanceof HTMLInputElement)) {
        e.preventDefault();
        begin(null);
      }
    },
  });
});
onUnmounted(() => stop?.());

const standings = useStandings();
/** Every part with today's answer beside what was decided. */
const rows = computed(() =>
  parts.list
    .filter(p => p.name.toLowerCase().includes(search.value.trim().toLowerCase()))
    .map(part => {
      const standing = standings.value.get(part.id) ?? null;
      return {
        part,
        standing,
        first: standing?.first ?? null,
        decided: part.decision ? library.nameOf(part.decision.firstChoice) : null,
        differs:
          part.decision !== null &&
          standing !== null &&
          standing.first?.material !== part.decision.firstChoice,
      };
    }),
);
const groups = computed(() =>
  [
    { key: 'open', title: 'To decide', rows: rows.value.filter(r => !r.part.decision) },
    { key: 'decided', title: 'Decided', rows: rows.value.filter(r => r.part.decision) },
  ].filter(g => g.rows.length),
);

function begin(from: ListedPart | null): void {
  copyFrom.value = from;
  startKey.value = '';
  name.value = from ? `${from.name}, copy` : '';
  naming.value = true;
  setTimeout(() => nameField.value?.focus(), 120);
}
async function create(): Promise<void> {
  const wanted = name.value.trim();
  if (!wanted) return;
  try {
    const part = await parts.create(
      wanted,
      printers.list.find(p => p.isDefault)?.id ?? null,
      copyFrom.value ?? undefined,
      start.value?.brief ?? {},
    );
    naming.value = false;
    await router.push(`/parts/${part.id}/brief`);
  } catch (e) {
    void message.error((e as Error).message);
  }
}
async function putAway(part: ListedPart): Promise<void> {
  try {
    const saved = await parts.setArchived(await api.part(part.id), true);
    Modal.confirm({
      title: `${part.name} is put away`,
      content: 'It is kept, out of the list.',
      okText: 'Leave it so',
      cancelText: 'Undo',
      onCancel: async () => {
        await parts.setArchived(saved, false);
      },
    });
  } catch (e) {
    void message.error((e as Error).message);
  }
}
</script>

<template>
  <div class="page">
    <div class="page-head">
      <h1>Parts</h1>
      <div class="right">
        <input
          v-model="search"
          class="search"
          type="search"
          placeholder="Find a part"
          aria-label="Find a part"
        />
        <button type="button" class="new" @click="begin(null)">New part</button>
      </div>
    </div>
    <p v-if="parts.state === 'loading'" class="soft" role="status">Fetching the parts…</p>
    <div v-else-if="parts.state === 'failed'" class="notice">
      <p>The parts could not be fetched: {{ parts.error }}</p>
      <button type="button" class="quiet-button" @click="parts.load()">Try again</button>
    </div>
    <div v-else-if="!parts.list.length" class="empty">
      <h2>No parts yet</h2>
      <p>
        A part begins with five questions about what it must survive. The answer is a ranking of filaments,
        with every number’s working.
      </p>
      <button type="button" class="new" @click="begin(null)">Begin with a part</button>
    </div>
    <p v-else-if="!rows.length" class="soft">No part is called anything like “{{ search }}”.</p>
    <section v-for="g in groups" :key="g.key">
      <h2>
        {{ g.title }} <span class="soft count">{{ g.rows.length }}</span>
      </h2>
      <table class="plain parts">
        <colgroup>
          <col style="width: 27%" />
          <col style="width: 24%" />
          <col />
          <col style="width: 14%" />
          <col style="width: 52px" />
        </colgroup>
        <thead>
          <tr>
            <th>Part</th>
            <th>{{ g.key === 'open' ? 'First choice today' : 'Decided' }}</th>
            <th>{{ g.key === 'open' ? 'Why' : 'Today' }}</th>
            <th>Last touched</th>
            <th><span class="visually-hidden">More</span></th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="r in g.rows" :key="r.part.id" data-testid="part-row">
            <td>
              <RouterLink
                :to="`/parts/${r.part.id}/${g.key === 'open' ? 'brief' : 'decision'}`"
                class="name"
                >{{ r.part.name }}</RouterLink
              >
            </td>
            <td v-if="g.key === 'open'">
              <template v-if="r.first"
                ><b>{{ r.first.name }}</b> <StatusMark :status="r.first.status" /></template
              ><span v-else-if="r.standing" class="out">○ nothing fits</span
              ><span v-else class="soft">…</span>
            </td>
            <td v-else>
              <b>{{ r.decided }}</b>
              <span class="soft small">{{ dayjs(r.part.decision?.decidedAt).format('D MMM YYYY') }}</span>
            </td>
            <td v-if="g.key === 'open'" class="soft">
              {{
                r.first ? say(r.first.why) : r.standing ? 'Open the ranking to see what to ask less of.' : ''
              }}
            </td>
            <td v-else>
              <span v-if="r.differs" class="marginal">◐ today {{ r.first?.name ?? 'nothing' }} leads</span
              ><span v-else class="soft">{{
                r.standing ? `still the first of ${r.standing.count} in the running` : '…'
              }}</span>
            </td>
            <td class="soft">{{ dayjs(r.part.updatedAt).format('D MMM YYYY') }}</td>
            <td>
              <Dropdown :trigger="['click']">
                <button type="button" class="quiet-button" :aria-label="`More for ${r.part.name}`">⋯</button>
                <template #overlay
                  ><Menu
                    ><Menu.Item key="copy" @click="begin(r.part)">Start a new part from it</Menu.Item
                    ><Menu.Item key="away" @click="putAway(r.part)">Put away</Menu.Item></Menu
                  ></template
                >
              </Dropdown>
            </td>
          </tr>
        </tbody>
      </table>
    </section>
    <Modal
      v-model:open="naming"
      :title="copyFrom ? `A new part, from ${copyFrom.name}` : 'A new part'"
      ok-text="Begin"
      cancel-text="Cancel"
      :ok-button-props="{ disabled: !name.trim() }"
      @ok="create"
    >
      <label class="naming"
        >What is it called?<input ref="nameField" v-model="name" maxlength="120" @keydown.enter="create"
      /></label>
      <label v-if="!copyFrom" class="naming kind"
        >What kind of part is it?
        <select v-model="startKey">
          <option value="">another kind: begin with five questions</option>
          <option v-for="s in startingPoints" :key="s.key" :value="s.key">{{ s.name }}</option>
        </select>
      </label>
      <div v-if="start" class="traps">
        <b>The usual traps</b>
        <ul>
          <li v-for="t in start.traps" :key="t">{{ t }}</li>
        </ul>
      </div>
    </Modal>
  </div>
</template>

<style scoped>
section {
  margin-bottom: 30px;
}
.count {
  font-weight: 400;
}
.name {
  color: var(--ink);
  font-weight: 700;
}
.kind {
  margin-top: 12px;
}
.traps {
  margin-top: 12px;
  border-left: 3px solid var(--marginal-fill);
  padding-left: 12px;
}
.traps ul {
  margin: 4px 0 0;
  padding-left: 18px;
}
.search,
.naming input,
.naming select {
  font: inherit;
  padding: 5px 10px;
  border: 1px solid var(--rule-strong);
  border-radius: 4px;
  background: var(--panel);
  color: var(--ink);
}
.naming {
  display: grid;
  gap: 6px;
}
.new {
  background: var(--deep);
  color: var(--deep-ink);
  border: 0;
  border-radius: 4px;
  padding: 7px 14px;
  cursor: pointer;
}
.empty {
  max-width: 520px;
  padding: 60px 0;
}
.parts {
  table-layout: fixed;
}
</style>
