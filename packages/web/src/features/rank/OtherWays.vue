<script setup lang="ts">
import { askedOfAny, askedWords, otherwise } from '@hornblende/core/advice';
import { sig } from '@hornblende/core/lib';
import { computed, ref } from 'vue';
import { Button } from '../../ui/kit';
import { useWorkshop } from '../../stores/workshop';
import { useUnits } from '../../ui/useUnits';
import { useDraft } from '../part/draft';
import { useRanking } from '../part/useRanking';

/** Where no filament does: what whatever it is made of has to bear, and which other ways would do at what price. */
const draft = useDraft();
const workshop = useWorkshop();
const { weather } = useRanking();
const { say } = useUnits();
const all = ref(false);
const asked = computed(() => (draft.brief ? askedWords(askedOfAny(draft.brief, weather.value)) : ''));
const ways = computed(() => (draft.brief ? otherwise(draft.brief, weather.value) : []));
const shown = computed(() => ways.value.filter(w => all.value || !w.broken.length));
</script>

<template>
  <section aria-label="Made otherwise" data-testid="other-ways">
    <h2>Made otherwise</h2>
    <p>{{ say(asked) }}</p>
    <ul>
      <li v-for="w in shown" :key="w.process.key">
        <b :class="w.broken.length ? 'soft' : ''">{{ w.process.name }}</b>, each costs {{ workshop.currency
        }}{{ sig(w.priceEach, 2) }} or so.
        <template v-if="w.broken.length">It would not do: {{ say(w.broken.join('; ')) }}.</template>
        <template v-else>It asks for {{ w.process.asks }}.</template>
      </li>
    </ul>
    <p v-if="!shown.length">None of the usual ways does it as the brief stands.</p>
    <p class="soft small">
      By typical figures and rough prices, before a quote. A trial can set one beside your filaments.
      <Button type="text" size="small" @click="all = !all">{{
        all ? 'Only those that would do' : 'Those that would not, and why'
      }}</Button>
    </p>
  </section>
</template>

<style scoped>
ul {
  margin: 4px 0 8px;
  padding-left: 22px;
}
</style>
