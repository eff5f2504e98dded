import type { Book, PlainDay } from '@kobby/core';
import { mount, type VueWrapper } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { vi } from 'vitest';
import { defineComponent, h, type Component } from 'vue';
import { createMemoryHistory, createRouter } from 'vue-router';
import { createVuetify } from 'vuetify';
import * as components from 'vuetify/components';
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg';
import { A_MONDAY, TEST_UNIT } from '../../../core/src/testing/home.ts';
import { useBook } from '../state/book.ts';
import { provideDesk, type Desk } from '../state/desk.ts';
import { provideHand } from '../state/plan-hand.ts';
import { provideProposing } from '../state/proposing.ts';
import { provideReading } from '../state/unit.ts';
import { opened } from './opened.ts';

const vuetify = createVuetify({ components, icons: { defaultSet: 'mdi', aliases, sets: { mdi } } });

class SilentStream extends EventTarget {
  static readonly CLOSED = 2;
  close(): void {}
}

const names = ['units', 'year', 'children', 'people', 'cupboard', 'house-corners', 'bins', 'made', 'rules'];
const ofUnit = [
  'corners',
  'one-page',
  'spark',
  'gather',
  'shop',
  'ready',
  'labels',
  'circle',
  'hand-over',
  'print-shop',
  'print',
];
const ofCircle = ['circle-lead', 'circle-card', 'circle-songs'];

/** Everything that parts stand on, for tests: the store with a book in it, and a server that is out of reach. */
export async function openDesk(book: Book, today: PlainDay = A_MONDAY) {
  const pinia = createPinia();
  setActivePinia(pinia);
  localStorage.clear();
  vi.stubGlobal('EventSource', SilentStream);
  const me = { kind: 'person', id: 'mara', name: 'Mara' };
  const snapshot = { seq: 1, epoch: 'e1', today, me, demo: false, publicAddress: null, history: [], book };
  vi.stubGlobal('fetch', async () => new Response(JSON.stringify(snapshot)));
  const store = useBook();
  opened.push(store);
  await store.load();
  vi.stubGlobal('fetch', async () => {
    throw new TypeError('no network');
  });
  const nothing = { render: () => null };
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      ...names.map((name) => ({ path: `/${name}`, name, component: nothing })),
      { path: '/children/:childId', name: 'child', component: nothing },
      { path: '/children/:childId/letter', name: 'child-letter', component: nothing },
      ...ofUnit.map((name) => ({ path: `/units/:unitId/${name}`, name, component: nothing })),
      ...ofCircle.map((name) => ({
        path: `/units/:unitId/circle/:day/:blockId/${name}`,
        name,
        component: nothing,
      })),
      { path: '/units/:unitId/print/:sheet', name: 'print', component: nothing },
      { path: '/counter/:recipeId?', name: 'counter', component: nothing },
      { path: '/watch', name: 'watch-begin', component: nothing },
      { path: '/watch/:observationId', name: 'watch', component: nothing },
      { path: '/watch/:observationId/strip', name: 'watch-strip', component: nothing },
      { path: '/:rest(.*)*', component: nothing },
    ],
  });
  const plugins = [pinia, vuetify, router];
  const asked: Desk = { open: vi.fn(), pick: vi.fn(), look: vi.fn() };
  let hand: ReturnType<typeof provideHand> | null = null;
  return {
    store,
    router,
    /** What parts asked the desk to lay open. */
    asked,
    /** The hand of the page that was placed last. */
    hand: () => hand!,
    /** Mounts a part as it stands on a unit's page. */
    place: (part: Component, props: Record<string, unknown> = {}): VueWrapper => {
      const page = defineComponent({
        setup() {
          const reading = provideReading(() => TEST_UNIT);
          provideDesk(asked);
          hand = provideHand(reading, asked);
          provideProposing(reading);
          return () => h(part, props);
        },
      });
      return mount(page, { attachTo: document.body, global: { plugins } });
    },
    /** Mounts a part alone. */
    alone: (part: Component, props: Record<string, unknown> = {}): VueWrapper =>
      mount(part, { props, attachTo: document.body, global: { plugins } }),
  };
}
