<script setup lang="ts">
import type { ListedPart } from '@hornblende/core/api';
import { EllipsisOutlined } from '@ant-design/icons-vue';
import { Button, Dropdown, Menu } from '../../ui/kit';
import { useParts } from '../../stores/parts';
import PlainTable from '../../ui/PlainTable.vue';
import StatusMark from '../../ui/StatusMark.vue';
import type { Standing } from '../../workers/jobs/standings';
import { dayText } from '../../ui/day-text';

/** Parts of one stage, each with today's answer beside what was decided. */
const props = defineProps<{
  title: string;
  decided: boolean;
  parts: ListedPart[];
  standings: ReadonlyMap<string, Standing>;
  /** Parts whose first choice hangs on a question that is still open. */
  provisional: ReadonlySet<string>;
}>();
const emit = defineEmits<{ copy: [part: ListedPart] }>();
const store = useParts();
const columns = [
  { title: 'Part', width: '27%' },
  { title: props.decided ? 'Decided' : 'First choice today', width: '24%' },
  { title: props.decided ? 'Today' : 'Why' },
  { title: 'Last touched', width: '14%' },
  { title: 'More', width: '52px', hiddenTitle: true },
];
const standing = (p: ListedPart): Standing | undefined => props.standings.get(p.id);
/** Another spool of the family that was decided is no other answer. */
function differs(p: ListedPart): boolean {
  const s = standing(p);
  if (!s) return false;
  return (s.first?.family ?? null) !== (s.decided?.family ?? p.decision?.firstChoice ?? null);
}
async function putAway(part: ListedPart): Promise<void> {
  const { putAwayWithUndo } = await import('./put-away');
  await putAwayWithUndo(store, part);
}
</script>

<template>
  <section>
    <h2>
      {{ title }} <span class="soft count">{{ parts.length }}</span>
    </h2>
    <PlainTable :columns="columns">
      <tr v-for="p in parts" :key="p.id" data-testid="part-row" data-tour="part">
        <td>
          <RouterLink :to="`/parts/${p.id}/${decided ? 'decision' : 'brief'}`" class="name">{{
            p.name
          }}</RouterLink>
        </td>
        <template v-if="decided">
          <td>
            <b>{{ standing(p)?.decided?.name ?? p.decision?.firstChoice }}</b>{{ ' '
            }}<span class="soft small">{{ dayText(p.decision!.decidedAt) }}</span>
          </td>
          <td>
            <span v-if="differs(p)" class="marginal"
              >◐ today {{ standing(p)?.first?.name ?? 'nothing' }} leads</span
            >
            <span v-else-if="standing(p)" class="soft"
              >still the first of {{ standing(p)?.count }} in the running</span
            >
            <span v-else class="soft">…</span>
          </td>
        </template>
        <template v-else>
          <td>
            <span v-if="standing(p)?.untouched" class="soft">not asked yet</span>
            <template v-else-if="standing(p)?.first">
              <b>{{ standing(p)?.first?.name }}</b> <StatusMark :status="standing(p)!.first!.status" />
              <RouterLink
                v-if="provisional.has(p.id)"
                :to="`/parts/${p.id}/brief`"
                class="marginal small"
                title="A question is open whose answer would change the first choice"
                data-testid="provisional-row"
                >◌ provisional</RouterLink
              >
            </template>
            <span v-else-if="standing(p)" class="out">○ nothing fits</span>
            <span v-else class="soft">…</span>
          </td>
          <td class="soft">
            <template v-if="standing(p)?.untouched">Its brief says nothing but its name.</template>
            <template v-else-if="standing(p)?.first">{{ standing(p)?.first?.why }}</template>
            <template v-else-if="standing(p)">Open the ranking to see what to ask less of.</template>
          </td>
        </template>
        <td class="soft">{{ dayText(p.updatedAt) }}</td>
        <td>
          <Dropdown :trigger="['click']">
            <Button type="text" :aria-label="`More for ${p.name}`"
              ><template #icon><EllipsisOutlined aria-hidden="true" /></template
            ></Button>
            <template #overlay>
              <Menu>
                <Menu.Item key="copy" @click="emit('copy', p)">Start a new part from it</Menu.Item>
                <Menu.Item key="away" @click="putAway(p)">Put away</Menu.Item>
              </Menu>
            </template>
          </Dropdown>
        </td>
      </tr>
    </PlainTable>
  </section>
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
</style>
