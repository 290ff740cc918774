<script setup lang="ts">
import type { Printer } from '@hornblende/core/formats';
import { chamberBalance, ChamberBalanceInput, chamberDoors, chamberWalls } from '@hornblende/core/models';
import { Button } from '../../ui/kit';
import { computed, ref } from 'vue';
import NumberInput from '../../ui/NumberInput.vue';
import OptionSelect from '../../ui/OptionSelect.vue';
import PlainTable from '../../ui/PlainTable.vue';
import WorkingNumber from '../../ui/WorkingNumber.vue';
import { useUnits } from '../../ui/useUnits';
import { useWorking } from '../../stores/working';

/** How warm the air in a closed printer gets, worked out from its walls, its bed and its heater. */
const props = defineProps<{ profile: Printer }>();
const emit = defineEmits<{ air: [airC: number] }>();
const { show } = useUnits();
const working = useWorking();
const open = ref(false);
/** How much larger than what it prints a closed printer usually is, mm. */
const AROUND_MM = 200;
const wallWords = {
  single: 'a single sheet',
  double: 'two sheets with air between',
  foam: 'lined with foam',
};
const doorWords = { shut: 'Door shut', ajar: 'Ajar', open: 'Open' };
const walls = ref<ChamberBalanceInput['walls']>('single');
const heaterW = ref<number | null>(0);
const bedC = ref<number | null>(Math.min(100, props.profile.bedMaxC));
const wantedC = ref<number | null>(null);
const rooms = [10, 20, 30] as const;
const columns = [
  { title: 'Air after half an hour' },
  ...chamberDoors.map(door => ({ title: doorWords[door] })),
];
const input = (roomC: number, door: ChamberBalanceInput['door']): ChamberBalanceInput => {
  const [x, y, z] = props.profile.buildMm;
  return Object.assign(new ChamberBalanceInput(), {
    sizeMm: [x + AROUND_MM, y + AROUND_MM, z + AROUND_MM],
    ...{ walls: walls.value, door, roomC, heaterW: heaterW.value ?? 0, bedC: bedC.value ?? 0 },
    ...{ bedMm: [x, y], wantedC: wantedC.value },
  });
};
const rows = computed(() =>
  rooms.map(roomC => ({
    roomC,
    airs: chamberDoors.map(door => {
      const given = input(roomC, door);
      return { door, given, airC: chamberBalance(given).halfHourC };
    }),
  })),
);
const usual = computed(() => chamberBalance(input(20, 'shut')));
const isHeated = computed(() => (heaterW.value ?? 0) > 0 || (usual.value.neededW ?? 0) > 0);
function showWorking(given: ChamberBalanceInput): void {
  working.show({ title: 'How warm the air gets', refs: [{ model: 'chamber.balance', inputs: given }] });
}
function take(): void {
  emit('air', Math.round(usual.value.halfHourC));
  open.value = false;
}
</script>

<template>
  <Button v-if="!open" type="link" size="small" class="wide" @click="open = true">
    Work out how warm its air gets
  </Button>
  <section v-else class="balance wide" aria-label="How warm its air gets" data-testid="chamber-balance">
    <div class="field-row">
      <OptionSelect
        v-model="walls"
        label="Its walls"
        :options="chamberWalls.map(value => ({ value, label: wallWords[value] }))"
      />
      <NumberInput v-model="bedC" label="Bed, °C" :min="0" :max="300" />
      <NumberInput v-model="heaterW" label="Heater for the air, W" :min="0" :max="20000" />
      <NumberInput v-model="wantedC" label="Air wanted, °C" nullable placeholder="none" :min="0" :max="250" />
    </div>
    <PlainTable :columns="columns">
      <tr v-for="row in rows" :key="row.roomC">
        <td>in a room of {{ show(row.roomC, 'temperature') }}</td>
        <td v-for="a in row.airs" :key="a.door">
          <WorkingNumber @click="showWorking(a.given)">{{ show(a.airC, 'temperature') }}</WorkingNumber>
        </td>
      </tr>
    </PlainTable>
    <p class="small">
      In the end it reaches {{ show(usual.steadyC, 'temperature') }} in a room of
      {{ show(20, 'temperature') }} with the door shut.
      <template v-if="usual.neededW !== null && wantedC !== null">
        To hold {{ show(wantedC, 'temperature') }} there it takes a heater of
        {{ Math.round(usual.neededW) }} W.
      </template>
    </p>
    <p v-if="isHeated" class="small caution">
      A heater on mains power is work for qualified people, with a cut-out of its own; motors and electronics
      in warm air live shorter.
    </p>
    <p class="acts">
      <Button size="small" @click="take">Take {{ show(Math.round(usual.halfHourC), 'temperature') }}</Button>
      <Button type="link" size="small" @click="open = false">Leave it as it is</Button>
    </p>
  </section>
</template>

<style scoped>
.balance {
  border-left: 2px solid var(--rule);
  padding-left: 10px;
}
p {
  margin: 6px 0 0;
}
</style>
