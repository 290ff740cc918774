<script setup lang="ts">
import type { TrialCriterion, TrialEntrant, TrialReading } from '@hornblende/core/formats';
import { breakMannerWords } from '@hornblende/core/trials';
import { Button } from '../../ui/kit';
import { api } from '../../api/client';
import FileButton from '../../ui/FileButton.vue';
import { shrunk } from '../../ui/photo';
import { useFeedback } from '../../ui/useFeedback';
import { doorWords, stateWords } from './answer-words';
import type { LiveTrial } from './useTrial';

/** What was taken of a cell: each reading with what was said of its piece, its photographs, and a way to strike it. */
const props = defineProps<{
  live: LiveTrial;
  entrant: TrialEntrant;
  criterion: TrialCriterion;
  readings: TrialReading[];
}>();
const { attempt } = useFeedback();
const saidOf = (r: TrialReading): string =>
  [
    r.broke && breakMannerWords[r.broke],
    r.door && doorWords[r.door],
    r.state && stateWords[r.state],
    r.thicknessMm && `${r.thicknessMm} mm thick`,
  ]
    .filter(Boolean)
    .join(', ');
const signedText = ({ value }: TrialReading): string =>
  props.criterion.signed && value > 0 ? `+${value}` : String(value);
async function photograph(r: TrialReading, file: File): Promise<void> {
  await attempt(async () => {
    const { sha256 } = await api.sendPhoto(await shrunk(file));
    const photos = [...r.photos.filter(p => p.sha256 !== sha256), { sha256, caption: '' }];
    props.live.changeReading(props.entrant.material, r, { photos });
  });
}
</script>

<template>
  <ul v-if="readings.length" class="readings small" aria-label="Taken of this cell">
    <li v-for="(r, i) in readings" :key="i">
      <span :class="{ struck: r.struck }">{{ signedText(r) }} {{ criterion.unit }}</span>
      <span v-if="saidOf(r)">{{ saidOf(r) }}</span>
      <span v-if="r.instrument" class="soft">{{ r.instrument }}</span>
      <span v-if="r.note" class="soft note">{{ r.note }}</span>
      <a
        v-for="p in r.photos"
        :key="p.sha256"
        :href="`/api/photos/${p.sha256}`"
        target="_blank"
        rel="noopener"
      >
        <img
          :src="`/api/photos/${p.sha256}`"
          :alt="p.caption || `The piece that read ${r.value} ${criterion.unit}`"
          loading="lazy"
        />
      </a>
      <Button type="text" size="small" @click="live.strike(entrant.material, r)">{{
        r.struck ? 'Let it count' : 'Strike it'
      }}</Button>
      <FileButton label="Photograph it" accept="image/*" @file="f => photograph(r, f)" />
    </li>
  </ul>
</template>

<style scoped>
.readings {
  list-style: none;
  margin: 8px 0 0;
  padding: 0;
}
.readings li {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: center;
}
.struck {
  text-decoration: line-through;
}
img {
  display: block;
  height: 44px;
  border-radius: 3px;
}
</style>
