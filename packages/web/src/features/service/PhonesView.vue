<script setup lang="ts">
import type { PairedPhone } from '@hornblende/core/api';
import { Button } from '../../ui/kit';
import dayjs from 'dayjs';
import { renderSVG } from 'uqr';
import { computed, onMounted, ref, shallowRef } from 'vue';
import { api } from '../../api/client';
import PageState from '../../ui/PageState.vue';
import { useFeedback } from '../../ui/useFeedback';
import { dayText } from '../../ui/day-text';

/** Which phones may look at parts in service, a code for another, and keys withdrawn. */
const { ask, attempt } = useFeedback();
const state = ref<'loading' | 'ready' | 'failed'>('loading');
const url = ref<string | null>(null);
/** Of the certificate that phones see; null where nothing is encrypted. */
const fingerprint = ref<string | null>(null);
const phones = shallowRef<PairedPhone[]>([]);
const code = ref<{ code: string; expiresAt: string } | null>(null);
async function load(): Promise<void> {
  const done = await attempt(async () => {
    const got = await api.phones();
    url.value = got.url;
    fingerprint.value = got.fingerprint;
    phones.value = got.phones;
  });
  state.value = done ? 'ready' : 'failed';
}
onMounted(load);
async function fresh(): Promise<void> {
  await attempt(async () => {
    code.value = await api.pairingCode();
  });
}
const picture = computed(() =>
  url.value && code.value
    ? `data:image/svg+xml,${encodeURIComponent(renderSVG(pairingUrl(url.value, code.value.code), { border: 2 }))}`
    : '',
);
/** What the phone opens: the code, and which certificate it should be shown, behind a # that no server sees. */
function pairingUrl(at: string, code: string): string {
  return `${at}/pair#${[code, ...(fingerprint.value ? [fingerprint.value] : [])].join('.')}`;
}
function withdraw(phone: PairedPhone): void {
  ask({
    title: `Withdraw ${phone.name}?`,
    content: 'It is refused from now on. Looks that wait on it stay there, and come once it is paired again.',
    deed: 'Withdraw it',
    danger: true,
    act: async () => {
      await api.withdrawPhone(phone.id);
      await load();
    },
  });
}
const dayOf = (at: string | null): string => (at ? dayText(at) : 'not yet');
</script>

<template>
  <div class="page phones" data-testid="phones-page">
    <p class="soft small"><RouterLink to="/service">Service</RouterLink></p>
    <h1>Phones</h1>
    <PageState :state="state" what="the phones" @retry="load">
      <p v-if="!url">
        Nothing is shared now. Stop Hornblende and start it with <code>hornblende start --share</code>: then
        it answers paired phones on this machine’s network address as well, and nobody else.
      </p>
      <template v-else>
        <p>
          Phones find the workshop at <b>{{ url }}</b>. A paired phone sees what is out there and writes down
          looks; nothing else.
        </p>
        <p v-if="fingerprint" class="caution" data-testid="certificate">
          What phones send is encrypted by a certificate of the workshop’s own, which no authority vouches
          for: the phone says so once. Go on where it names this one (SHA-256):
          <code class="fingerprint">{{ fingerprint }}</code> Withdraw a phone that is lost.
        </p>
        <p v-else class="caution out" data-testid="plain">
          What phones send is <b>not encrypted</b>: whoever listens in the local network reads it, and can act
          with what they read. Start with <code>--share</code> and without <code>--plain</code>, or pair only
          at home, and withdraw a phone that is lost.
        </p>
        <p v-if="!code"><Button type="primary" @click="fresh">Pair another phone</Button></p>
        <div v-else class="code" data-testid="pairing-code">
          <img :src="picture" alt="Picture to scan with the phone" width="180" height="180" />
          <div>
            <p class="figures">{{ code.code }}</p>
            <p class="soft small">
              Scan the picture, or open {{ url }}/pair and type the code. Good once, until
              {{ dayjs(code.expiresAt).format('HH:mm') }}.
            </p>
            <Button size="small" @click="fresh">A new code</Button>
            <Button size="small" type="text" @click="load">It is paired</Button>
          </div>
        </div>
      </template>
      <h2>Paired</h2>
      <p v-if="!phones.length" class="soft">None.</p>
      <ul>
        <li v-for="p in phones" :key="p.id" data-testid="phone-row">
          <b>{{ p.name }}</b>
          <span class="soft small">paired {{ dayOf(p.pairedAt) }}, last seen {{ dayOf(p.seenAt) }}</span>
          <span v-if="p.withdrawnAt" class="out small">○ withdrawn {{ dayOf(p.withdrawnAt) }}</span>
          <span v-else-if="dayjs(p.endsAt).isBefore(dayjs())" class="out small">
            ○ not used for 90 days: pair it again
          </span>
          <template v-else>
            <span class="soft small">its key runs out {{ dayOf(p.endsAt) }} unless it is used</span>
            <Button type="text" size="small" danger @click="withdraw(p)">Withdraw it</Button>
          </template>
        </li>
      </ul>
    </PageState>
  </div>
</template>

<style scoped>
.phones {
  max-width: 760px;
}
.code {
  display: flex;
  flex-wrap: wrap;
  gap: 20px;
  align-items: center;
}
.code img {
  background: #fff;
}
.fingerprint {
  display: block;
  overflow-wrap: anywhere;
}
.figures {
  font-size: 34px;
  letter-spacing: 6px;
  margin: 0;
}
.caution {
  border-left: 3px solid var(--marginal-fill);
  padding-left: 12px;
}
h2 {
  font-size: 16px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: baseline;
  border-top: 1px solid var(--rule);
  padding: 6px 0;
}
</style>
