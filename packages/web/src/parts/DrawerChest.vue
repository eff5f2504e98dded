<script setup lang="ts">
import { nextTick, onMounted, ref, watch } from 'vue';
import { RouterLink, useRoute, type RouteLocationRaw } from 'vue-router';

/** Pages as a chest of drawers: each front carries the one figure that matters now, and a red dot where something stops. */
export interface Drawer {
  readonly name: string;
  readonly figure: string;
  readonly to: RouteLocationRaw;
  readonly warns?: boolean;
  /** How many things it points out. */
  readonly count?: number;
}
defineProps<{ label: string; drawers: readonly Drawer[] }>();

// On a phone the chest lies on its side: the drawer that is pulled out is in view.
const chest = ref<HTMLElement | null>(null);
const route = useRoute();
async function showPulled(): Promise<void> {
  await nextTick();
  const pulled = chest.value?.querySelector('[aria-current="page"]');
  if (chest.value && pulled instanceof HTMLElement && chest.value.scrollWidth > chest.value.clientWidth)
    chest.value.scrollLeft = pulled.offsetLeft - (chest.value.clientWidth - pulled.offsetWidth) / 2;
}
onMounted(showPulled);
watch(() => route.path, showPulled);
</script>

<template>
  <nav ref="chest" :aria-label="label">
    <RouterLink
      v-for="drawer in drawers"
      :key="drawer.name"
      class="drawer"
      :class="{ warns: drawer.warns, counting: drawer.count }"
      :to="drawer.to"
    >
      <b>{{ drawer.name }}</b>
      <span class="figures">{{ drawer.figure }}</span>
      <i aria-hidden="true" :class="{ counts: drawer.count }">{{ drawer.count || '' }}</i>
      <span v-if="drawer.count" class="sr-only">
        {{ drawer.count }} to look at{{ drawer.warns ? ', one of them a stop' : '' }}
      </span>
    </RouterLink>
  </nav>
</template>

<style scoped>
nav {
  display: flex;
  flex-direction: column;
  gap: var(--gap-3);
  padding: var(--gap-3);
  background: var(--shelf);
  border-right: 5px solid var(--shelf-dark);
  z-index: 1;
}
.drawer {
  position: relative;
  display: flex;
  flex-direction: column;
  justify-content: center;
  min-height: 74px;
  padding: var(--gap-3) var(--gap-5) var(--gap-3) var(--gap-4);
  background: var(--drawer);
  border: 1.5px solid var(--shelf-dark);
  border-radius: 5px;
  color: var(--drawer-ink);
  text-decoration: none;
}
.drawer b {
  font: 700 15px var(--display);
}
.drawer span {
  font-size: 12px;
  line-height: 1.25;
  color: var(--drawer-soft);
}
.drawer i {
  position: absolute;
  right: 8px;
  top: 50%;
  width: 9px;
  height: 9px;
  margin-top: calc(-1 * var(--gap-2));
  border-radius: 9px;
  background: var(--drawer-soft);
}
.drawer.warns i {
  background: var(--stop);
}
.drawer i.counts {
  width: auto;
  min-width: 18px;
  height: 18px;
  margin-top: calc(-1 * var(--gap-3));
  padding: 0 var(--gap-2);
  color: var(--drawer);
  font: 700 12px/18px var(--text);
  text-align: center;
}
.drawer.warns i.counts {
  color: var(--stop-bg);
}
.drawer.counting {
  padding-right: calc(2 * var(--gap-5));
}
.drawer:hover {
  filter: brightness(1.05);
}
.router-link-active {
  margin-right: calc(-1 * var(--gap-4));
  background: var(--paper);
  border-right: 0;
  border-radius: 5px 0 0 5px;
  color: var(--ink);
}
.router-link-active span {
  color: var(--ink-soft);
}
.router-link-active i {
  display: none;
}
@media (max-width: 900px) {
  nav {
    flex-direction: row;
    overflow-x: auto;
    border-right: 0;
    border-bottom: 5px solid var(--shelf-dark);
  }
  .drawer {
    flex: none;
    min-width: 128px;
    min-height: 56px;
  }
  .router-link-active {
    margin-right: 0;
    border-radius: 5px;
  }
}
</style>
