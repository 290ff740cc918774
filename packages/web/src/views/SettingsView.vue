<script setup lang="ts">
import { useSettings } from '../stores/settings';

const settings = useSettings();
</script>

<template>
  <div class="page settings">
    <div class="page-head"><h1>Settings</h1><span class="soft">kept in this browser</span></div>
    <fieldset><legend>Units shown, and meant by a bare number</legend><label><input v-model="settings.units" type="radio" value="metric"> Metric: mm, N, g, °C</label><label><input v-model="settings.units" type="radio" value="us"> US: in, lbf, oz, °F</label><p class="soft small">Only what is shown changes; what is stored stays as it is. Any unit can be typed in either.</p></fieldset>
    <fieldset><legend>Theme</legend><label><input v-model="settings.themeChoice" type="radio" value="light"> Light</label><label><input v-model="settings.themeChoice" type="radio" value="dark"> Dark</label><label><input v-model="settings.themeChoice" type="radio" value="system"> As the system is set</label></fieldset>
    <fieldset><legend>Currency sign</legend><input v-model="settings.currency" class="short" maxlength="4" aria-label="Currency sign"><p class="soft small">A label only: nothing is converted.</p></fieldset>
  </div>
</template>

<style scoped>
fieldset { border: 0; border-top: 1px solid var(--rule); padding: 14px 0; margin: 0; max-width: 620px; }
legend { float: left; width: 100%; font-weight: 700; margin-bottom: 8px; }
label { display: flex; gap: 9px; padding: 3px 0; clear: both; }
input { accent-color: var(--deep); }
.short { clear: both; display: block; font: inherit; width: 70px; padding: 5px 9px; border: 1px solid var(--rule-strong); border-radius: 4px; background: var(--panel); color: var(--ink); }
p { margin: 6px 0 0; clear: both; }
</style>
