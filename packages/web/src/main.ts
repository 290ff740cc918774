import '@fontsource/atkinson-hyperlegible/400.css';
import '@fontsource/atkinson-hyperlegible/400-italic.css';
import '@fontsource/atkinson-hyperlegible/700.css';
import 'ant-design-vue/dist/reset.css';
import './theme/base.css';
import './theme/kit.css';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import App from './app/App.vue';
import { router } from './app/router';

createApp(App).use(createPinia()).use(router).mount('#app');
