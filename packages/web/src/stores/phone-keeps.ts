import { defineStore } from 'pinia';
import { ref } from 'vue';
import { TAKE_OVER } from '../phone/kept-at';

/** The service worker's script, and what the phone is told of the application. */
const SCRIPT = '/sw.js';
const ABOUT = '/phone.webmanifest';

/**
 * Whether this phone keeps the application, so that it opens without a network. A browser keeps it only for a
 * connection that it trusts: encrypted, by a certificate that it was told to accept.
 */
export const usePhoneKeeps = defineStore('phone-keeps', () => {
  const state = ref<'asking' | 'keeps' | 'untrusted'>('asking');

  /** Has the browser keep the application; a version that waits takes over, for nothing is half typed yet. */
  async function keep(): Promise<void> {
    const { serviceWorker } = navigator as Partial<Navigator>;
    if (!serviceWorker) {
      state.value = 'untrusted';
      return;
    }
    tellOfApplication();
    try {
      const known = await serviceWorker.register(SCRIPT);
      state.value = 'keeps';
      if (!known.waiting || !serviceWorker.controller) return;
      serviceWorker.addEventListener('controllerchange', () => location.reload(), { once: true });
      known.waiting.postMessage(TAKE_OVER);
    } catch {
      state.value = 'untrusted';
    }
  }

  return { state, keep };
});

/** Tells the browser what the application is called and looks like on a phone's first screen. */
function tellOfApplication(): void {
  const link = document.createElement('link');
  link.rel = 'manifest';
  link.href = ABOUT;
  document.head.append(link);
}
