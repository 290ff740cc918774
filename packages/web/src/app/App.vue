<script setup lang="ts">
import { ConfigProvider } from '../ui/kit';
import { computed, defineAsyncComponent, onMounted, watchEffect } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { asKeptAt } from '../api/as-kept';
import { deskLocked } from '../api/desk-locked';
import { useHealth } from '../stores/health';
import { usePhoneKeeps } from '../stores/phone-keeps';
import { useSettings } from '../stores/settings';
import { useTour } from '../stores/tour';
import { useWorking } from '../stores/working';
import { useWorkshop } from '../stores/workshop';
import { kitTheme } from '../theme/kit';
import { leftOutWords } from '../api/left-out';
import { browserKeeps } from '../stores/browser-store';
import { momentText } from '../ui/day-text';
import BrokenPage from '../ui/BrokenPage.vue';
import AppRail from './AppRail.vue';
import { prefetchPages } from './router';
import { useShortcuts } from './useShortcuts';

// What is opened by a key or a number is fetched when it is first opened.
const JumpDialog = defineAsyncComponent(() => import('./JumpDialog.vue'));
const ShortcutHelp = defineAsyncComponent(() => import('./ShortcutHelp.vue'));
const GuideDrawer = defineAsyncComponent(() => import('../features/guide/GuideDrawer.vue'));
const TourGuide = defineAsyncComponent(() => import('../features/tour/TourGuide.vue'));
const LockedDesk = defineAsyncComponent(() => import('./LockedDesk.vue'));
const WorkingDrawer = defineAsyncComponent(() => import('../features/working/WorkingDrawer.vue'));

const settings = useSettings();
const working = useWorking();
const tour = useTour();
const health = useHealth();
const workshop = useWorkshop();
const phoneKeeps = usePhoneKeeps();
const { help, guide, jump } = useShortcuts();
const route = useRoute();
const router = useRouter();
const theme = computed(() => kitTheme(settings.theme));
watchEffect(() => {
  document.documentElement.dataset.theme = settings.theme;
  document.documentElement.toggleAttribute('data-locked', deskLocked.value);
});
/** What it means that this browser keeps nothing: saving goes on. */
const keepsWords = {
  full:
    'This browser’s own store is full. What you type is saved in the workshop as ever; but what is typed while ' +
    'the workshop is away is lost when this page goes.',
  forbidden:
    'This browser keeps nothing for this page. What you type is saved in the workshop as ever; but what is typed ' +
    'while the workshop is away is lost when this page goes.',
};
/** Pages that a phone has. */
const forPhones = /^\/(service|s|pair|fix)(\/|$)/;
watchEffect(() => {
  // Before the first page is found the route matches nothing.
  if (health.isPhone && route.matched.length && !forPhones.test(route.path)) void router.replace('/service');
});
/**
 * Money, room air and what is printed here are the workshop's on every page, whichever is opened first. A phone has the
 * application kept instead, for places without a network.
 */
async function loadWorkshop(): Promise<void> {
  await health.first;
  if (health.isPhone) await phoneKeeps.keep();
  else if (workshop.state === 'loading') await workshop.load().catch(() => undefined);
}
/** Every page asks anew; what was typed and not saved stands in the browser's store. */
const reopen = (): void => location.reload();
onMounted(() => {
  void loadWorkshop();
  void prefetchPages();
});
</script>

<template>
  <ConfigProvider :theme="theme">
    <LockedDesk v-if="deskLocked" @opened="reopen" />
    <div v-show="!deskLocked" class="frame" :inert="deskLocked">
      <a class="skip" href="#main">Skip to the page</a>
      <AppRail @help="help = true" @guide="guide = true" @jump="jump = true" />
      <main id="main" tabindex="-1">
        <p v-if="health.damage.length" class="damaged" role="alert">
          The workshop’s file is damaged: it can be read, but nothing is saved. Restore the newest good backup
          under
          <RouterLink to="/settings">Settings</RouterLink>.
        </p>
        <p
          v-else-if="leftOutWords || health.damagedRecords.length"
          class="left-out"
          role="alert"
          data-testid="left-out"
        >
          <template v-if="leftOutWords">Damaged and left out of the lists: {{ leftOutWords }}. </template>
          <template v-else
            >{{
              health.damagedRecords.length === 1
                ? 'One record is'
                : `${health.damagedRecords.length} records are`
            }}
            not as they were written ({{ health.damagedRecords[0] }}). </template
          >A backup under <RouterLink to="/settings">Settings</RouterLink> has what was lost.
        </p>
        <p v-if="browserKeeps !== 'keeps'" class="left-out" role="alert" data-testid="browser-keeps">
          {{ keepsWords[browserKeeps] }}
        </p>
        <p v-if="asKeptAt" class="left-out" role="status" data-testid="as-kept">
          The workshop cannot be reached. This is as it was on {{ momentText(asKeptAt) }}; what you write down
          waits here and is sent later.
        </p>
        <BrokenPage><RouterView /></BrokenPage>
      </main>
      <WorkingDrawer v-if="working.topic" />
      <GuideDrawer v-if="guide" @close="guide = false" />
      <TourGuide v-if="tour.running" />
      <JumpDialog v-if="jump" v-model:open="jump" />
      <ShortcutHelp v-if="help" v-model:open="help" />
    </div>
  </ConfigProvider>
</template>

<style scoped>
.frame {
  display: grid;
  grid-template-columns: 200px minmax(0, 1fr);
  height: 100vh;
  background: var(--ground);
  color: var(--ink);
}
main {
  overflow: auto;
  outline: none;
  min-width: 0;
}
.damaged {
  margin: 0;
  padding: 8px 20px;
  background: var(--out);
  color: #fff;
}
.left-out {
  margin: 0;
  padding: 6px 20px;
  border-bottom: 1px solid var(--rule);
  border-left: 4px solid var(--marginal);
}
.damaged a {
  color: #fff;
  text-decoration: underline;
}
.skip {
  position: absolute;
  left: -999px;
  z-index: 10;
  background: var(--panel);
  padding: 8px 14px;
}
.skip:focus {
  left: 8px;
  top: 8px;
}
@media (max-width: 1100px) {
  .frame {
    grid-template-columns: 164px minmax(0, 1fr);
  }
}
@media (max-width: 760px) {
  .frame {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: auto minmax(0, 1fr);
  }
}
</style>
