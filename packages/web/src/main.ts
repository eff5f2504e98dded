import { createPinia } from 'pinia';
import { createApp } from 'vue';
import { z } from 'zod';
import App from './App.vue';
import { router } from './router.ts';
import { keepPages } from './state/offline.ts';
import { chosenLight, showLight, vuetify } from './theme/index.ts';

// The page's security rules forbid making code at run time, which the schemas would otherwise try.
z.config({ jitless: true });
showLight(chosenLight());
createApp(App).use(createPinia()).use(router).use(vuetify).mount('#app');
keepPages();
