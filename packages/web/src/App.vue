<script setup lang="ts">
import { App as AntApp, ConfigProvider } from 'ant-design-vue';
import { computed, onMounted, watchEffect } from 'vue';
import AppRail from './components/AppRail.vue';
import ShortcutHelp from './components/ShortcutHelp.vue';
import WorkingDrawer from './components/WorkingDrawer.vue';
import { useShortcuts } from './composables/useShortcuts';
import { useLibrary } from './stores/library';
import { usePrinters } from './stores/printers';
import { useSettings } from './stores/settings';
import { useShelf } from './stores/shelf';
import { useWorkshop } from './stores/workshop';
import { antTheme } from './theme/ant';

const settings = useSettings();
const printers = usePrinters();
const { help } = useShortcuts();
const kit = computed(() => antTheme(settings.theme));
watchEffect(() => {
  document.documentElement.dataset.theme = settings.theme;
});
const stores = [printers, useLibrary(), useWorkshop(), useShelf()];
onMounted(() => {
  for (const store of stores)
    void store.load().catch(() => {
      /* pages that need it say so */
    });
});
</script>

<template>
  <ConfigProvider :theme="kit">
    <AntApp class="frame">
      <a class="skip" href="#main">Skip to the page</a>
      <AppRail @help="help = true" />
      <main id="main" tabindex="-1">
        <RouterView />
      </main>
      <WorkingDrawer />
      <ShortcutHelp v-model:open="help" />
    </AntApp>
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
</style>
