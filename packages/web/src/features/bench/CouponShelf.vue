<script setup lang="ts">
import type { FieldInfo } from '@hornblende/core/input';
import { Button } from '../../ui/kit';
import { storeToRefs } from 'pinia';
import { computed, reactive, ref } from 'vue';
import { useCouponKinds } from '../../stores/coupon-kinds';
import NumberInput from '../../ui/NumberInput.vue';
import OptionSelect from '../../ui/OptionSelect.vue';
import PageState from '../../ui/PageState.vue';
import TextField from '../../ui/TextField.vue';

/** Pieces to print for a measurement: their numbers, a code to tell them apart, STL or 3MF. */
const store = useCouponKinds();
const { kinds, state } = storeToRefs(store);
// Before it is drawn: what was fetched before is not drawn again unasked.
void store.load();
const picked = ref('hardness-plate');
const kind = computed(() => kinds.value.find(k => k.id === picked.value) ?? null);
const options = computed(() => kinds.value.map(k => ({ value: k.id, label: k.title })));
/** Numbers that were said, by kind. */
const said = reactive<Record<string, Record<string, string | number>>>({});
const mine = computed(() => said[picked.value] ?? {});
function put(name: string, value: string | number | null): void {
  const { [name]: _, ...rest } = mine.value;
  said[picked.value] = value === null || value === '' ? rest : { ...rest, [name]: value };
}
const words = (f: FieldInfo): string => f.doc.replace(/[;:]? default.*$/, '').replace(/\.$/, '');
const usual = (f: FieldInfo): string => /default (\d+(?:\.\d+)?)/.exec(f.doc)?.[1] ?? '';
const numberOf = (name: string): number | null => {
  const value = mine.value[name];
  return typeof value === 'number' ? value : null;
};
const numbers = computed(() => kind.value?.inputs.filter(f => f.kind === 'number') ?? []);
const coded = computed(() => kind.value?.inputs.some(f => f.name === 'code') ?? false);
const fileOf = (as: 'stl' | '3mf'): string => {
  const query = new URLSearchParams(Object.entries(mine.value).map(([k, v]) => [k, String(v)]));
  return `/api/coupons/${picked.value}.${as}${query.size ? `?${query.toString()}` : ''}`;
};
</script>

<template>
  <section aria-label="Coupons" data-testid="coupon-shelf">
    <PageState :state="state" what="the coupons" @retry="store.load">
      <div class="row">
        <OptionSelect v-model="picked" label="Coupon" :options="options" />
        <NumberInput
          v-for="f in numbers"
          :key="`${picked}-${f.name}`"
          :model-value="numberOf(f.name)"
          :label="f.unit ? `${words(f)}, ${f.unit}` : words(f)"
          :min="f.min ?? 0"
          :max="f.max ?? 1000"
          :placeholder="usual(f)"
          nullable
          @update:model-value="v => put(f.name, v)"
        />
        <TextField
          v-if="coded"
          :model-value="String(mine.code ?? '')"
          label="Code engraved"
          :maxlength="12"
          placeholder="HB-07"
          @update:model-value="v => put('code', v)"
        />
      </div>
      <p class="row">
        <Button type="primary" :href="fileOf('stl')">As STL</Button>
        <Button :href="fileOf('3mf')">As 3MF</Button>
      </p>
    </PageState>
  </section>
</template>

<style scoped src="./bench.css"></style>
