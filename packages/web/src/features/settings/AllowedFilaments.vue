<script setup lang="ts">
import { families } from '@hornblende/core/materials';
import { CloseOutlined } from '@ant-design/icons-vue';
import { Button } from '../../ui/kit';
import { computed, onMounted, ref } from 'vue';
import { useLibrary } from '../../stores/library';
import { useWorkshop } from '../../stores/workshop';
import OptionSelect from '../../ui/OptionSelect.vue';
import { useFeedback } from '../../ui/useFeedback';

/** The only filaments that are printed here, such as a class prints three; all where none is named. */
const library = useLibrary();
const workshop = useWorkshop();
const { attempt } = useFeedback();
onMounted(() => void library.load().catch(() => undefined));
const allowed = computed(() => workshop.settings.allowed.map(a => a.material));
const NONE = '';
const picked = ref(NONE);
const options = computed(() => [
  { value: NONE, label: 'add a filament' },
  ...[...families, ...library.active]
    .filter(f => !allowed.value.includes(f.key))
    .map(f => ({ value: f.key, label: f.name })),
]);
function put(keys: readonly string[]): void {
  void attempt(() => workshop.set({ allowed: keys.map(material => ({ material })) }));
}
function add(key: string): void {
  if (key !== NONE) put([...allowed.value, key]);
  picked.value = NONE;
}
</script>

<template>
  <div class="setting" data-testid="allowed-filaments">
    <h3>Filaments that are printed here</h3>
    <p v-if="!allowed.length" class="soft small">
      All of them. Name those that a class or a workshop keeps to: no ranking then tells of any other. A
      family brings its grades.
    </p>
    <ul v-else class="allowed">
      <li v-for="key in allowed" :key="key">
        <Button
          size="small"
          :aria-label="`Leave ${library.nameOf(key)} out`"
          @click="put(allowed.filter(k => k !== key))"
          >{{ library.nameOf(key) }} <CloseOutlined
        /></Button>
      </li>
    </ul>
    <OptionSelect v-model="picked" label="Only these" :options="options" @update:model-value="add" />
  </div>
</template>

<style scoped>
.allowed {
  list-style: none;
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin: 0 0 8px;
  padding: 0;
}
</style>
