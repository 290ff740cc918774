<script setup lang="ts">
import { Button } from '../../ui/kit';
import { renderSVG } from 'uqr';
import { computed, onMounted, ref } from 'vue';
import { api } from '../../api/client';
import { useService } from '../../stores/service';
import PageState from '../../ui/PageState.vue';
import TextField from '../../ui/TextField.vue';
import { useFeedback } from '../../ui/useFeedback';
import { isThisMachineOnly } from './this-machine-only';

/** A sheet of labels: a code to scan and its letters, one for each part that is out there. */
const service = useService();
const { attempt } = useFeedback();
const fetchAll = (): Promise<unknown> => attempt(() => service.load());
/** Where a phone finds the workshop; the page's own address until another is typed. */
const address = ref(location.origin);
onMounted(async () => {
  await fetchAll();
  address.value = (await api.phones().catch(() => null))?.url ?? address.value;
});
/** A picture to scan that leads to a part by its code. */
function pictureOf(code: string): string {
  const svg = renderSVG(`${address.value.replace(/\/$/, '')}/s/${code}`, { border: 1 });
  return `data:image/svg+xml,${encodeURIComponent(svg)}`;
}
const labels = computed(() =>
  service.list
    .filter(p => p.placement.code && !p.standing.ended)
    .map(({ id, placement: { name, code } }) => ({ id, name, code, svg: pictureOf(code) })),
);
const print = (): void => globalThis.print();
</script>

<template>
  <div class="page labels" data-testid="labels-page">
    <div class="screen">
      <p class="soft small"><RouterLink to="/service">Service</RouterLink></p>
      <h1>Labels</h1>
      <p class="soft">
        A phone that is paired opens the part by its picture; its four signs are found by hand. Print the
        sheet, cut it, and put it where rain does not reach, or engrave the signs.
      </p>
      <TextField v-model="address" label="Where phones find this workshop" :maxlength="120" />
      <p
        v-if="isThisMachineOnly(address)"
        class="marginal small"
        role="status"
        data-testid="labels-here-only"
      >
        ◐ This address means the machine that opens it: a phone would find itself. Start the workshop with
        <code>npm start -- --share</code>, or type the address that this machine has in the house.
      </p>
      <p><Button type="primary" @click="print">Print the sheet</Button></p>
    </div>
    <PageState :state="service.state" what="what is out there" @retry="fetchAll">
      <p v-if="!labels.length" class="soft">Nothing that is out there has a code.</p>
      <ul class="sheet">
        <li v-for="l in labels" :key="l.id" data-testid="label">
          <img :src="l.svg" :alt="`Code of ${l.name}`" width="96" height="96" />
          <span
            ><b>{{ l.code }}</b
            ><br />{{ l.name }}<br /><a
              class="file small"
              :href="`/api/coupons/tag.stl?code=${l.code}`"
              :aria-label="`A tag engraved with ${l.code}, to print`"
              >engraved, as a file</a
            ></span
          >
        </li>
      </ul>
    </PageState>
  </div>
</template>

<style scoped>
.screen {
  max-width: 620px;
  margin-bottom: 16px;
}
.sheet {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: 10px;
}
.sheet li {
  display: flex;
  gap: 10px;
  align-items: center;
  border: 1px dashed var(--rule-strong);
  padding: 8px;
  break-inside: avoid;
  background: #fff;
  color: #1e2723;
}
/* Labels are white in either theme: they are printed. */
.file {
  color: #2c6e8f;
}
b {
  font-size: 22px;
  letter-spacing: 2px;
}
@media print {
  .screen,
  .file {
    display: none;
  }
}
</style>
