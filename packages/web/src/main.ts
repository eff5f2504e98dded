import { createPinia } from 'pinia';
import { createApp } from 'vue';
import App from './App.vue';
import { router } from './router.ts';
import { keepPages } from './state/offline.ts';
import { chosenLight, showLight, vuetify } from './theme/index.ts';

showLight(chosenLight());
createApp(App).use(createPinia()).use(router).use(vuetify).mount('#app');
keepPages();
