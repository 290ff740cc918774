<script setup lang="ts">
import { message } from 'ant-design-vue';
import NumberInput from '../components/NumberInput.vue';
import { useSettings } from '../stores/settings';
import { useWorkshop } from '../stores/workshop';

const settings = useSettings();
const workshop = useWorkshop();
async function set(change: Parameters<typeof workshop.set>[0]): Promise<void> {
  try {
    await workshop.set(change);
  } catch (e) {
    void message.error((e as Error).message);
  }
}
</script>

<template>
  <div class="page settings">
    <div class="page-head"><h1>Settings</h1></div>
    <h2>This browser</h2>
    <fieldset>
      <legend>Units shown, and meant by a bare number</legend>
      <label><input v-model="settings.units" type="radio" value="metric" /> Metric: mm, N, g, °C</label
      ><label><input v-model="settings.units" type="radio" value="us" /> US: in, lbf, oz, °F</label>
      <p class="soft small">
        Only what is shown changes; what is stored stays as it is. Any unit can be typed in either.
      </p>
    </fieldset>
    <fieldset>
      <legend>Theme</legend>
      <label><input v-model="settings.themeChoice" type="radio" value="light" /> Light</label
      ><label><input v-model="settings.themeChoice" type="radio" value="dark" /> Dark</label
      ><label
        ><input v-model="settings.themeChoice" type="radio" value="system" /> As the system is set</label
      >
    </fieldset>
    <h2>The workshop</h2>
    <fieldset>
      <legend>Currency</legend>
      <input
        :value="workshop.currency"
        class="short"
        maxlength="4"
        aria-label="Currency sign"
        @change="set({ currency: ($event.target as HTMLInputElement).value.trim() || '€' })"
      />
      <p class="soft small">A label only, the same for everyone in this workshop: nothing is converted.</p>
    </fieldset>
    <fieldset>
      <legend>Damp of the room that spools stand in</legend>
      <NumberInput
        label="Relative humidity, %"
        :min="0"
        :max="100"
        :model-value="workshop.settings.roomRhPct"
        @update:model-value="v => v !== null && set({ roomRhPct: v })"
      />
      <p class="soft small">
        Open spools take up water from it. A cheap hygrometer tells; heated houses in winter are near 40 %,
        sheds in autumn near 70 %.
      </p>
    </fieldset>
  </div>
</template>

<style scoped>
fieldset {
  border: 0;
  border-top: 1px solid var(--rule);
  padding: 14px 0;
  margin: 0;
  max-width: 620px;
}
legend {
  float: left;
  width: 100%;
  font-weight: 700;
  margin-bottom: 8px;
}
label {
  display: flex;
  gap: 9px;
  padding: 3px 0;
  clear: both;
}
input {
  accent-color: var(--deep);
}
.short {
  clear: both;
  display: block;
  font: inherit;
  width: 70px;
  padding: 5px 9px;
  border: 1px solid var(--rule-strong);
  border-radius: 4px;
  background: var(--panel);
  color: var(--ink);
}
p {
  margin: 6px 0 0;
  clear: both;
}
h2 {
  margin: 18px 0 8px;
}
</style>
