<script setup lang="ts">
import { mdiCheckBold, mdiContentCopy, mdiLinkOff, mdiLockOutline } from '@mdi/js';
import {
  formatDay,
  formatMinutes,
  homeOf,
  minutesInZone,
  placementAt,
  shareClosedBecause,
  shareOpeningsSchema,
  type Share,
} from '@kobby/core';
import { computed, onMounted, ref } from 'vue';
import ShelfCard from '../../parts/ShelfCard.vue';
import { ask } from '../../state/api.ts';
import { useBook } from '../../state/book.ts';
import { useReading } from '../../state/unit.ts';
import LinkForm, { type MadeLink } from './LinkForm.vue';

/** Links for assistants: who has which, when it was last opened, taken back at once; and what was ticked off with them. */
const store = useBook();
const reading = useReading();
const unit = computed(() => reading.value.frame.unit);
const made = ref<MadeLink | null>(null);
const copied = ref(false);
const opened = ref<ReadonlyMap<string, string | null>>(new Map());

const links = computed(() =>
  Object.values(store.book.shares)
    .filter((share) => share.unitId === unit.value.id)
    .toSorted((a, b) => Number(a.revokedAt !== null) - Number(b.revokedAt !== null)),
);
const ticks = computed(() =>
  Object.values(store.book.ticks)
    .filter((tick) => store.book.placements[tick.placementId]?.unitId === unit.value.id)
    .toSorted((a, b) => (a.at < b.at ? 1 : -1)),
);
async function look(): Promise<void> {
  const said = await ask('GET', '/api/shares', shareOpeningsSchema);
  if (said.kind === 'ok')
    opened.value = new Map(said.data.openings.map(({ shareId, openedAt }) => [shareId as string, openedAt]));
}
onMounted(look);

function show(link: MadeLink): void {
  made.value = link;
  copied.value = false;
  void look();
}
async function copy(): Promise<void> {
  await navigator.clipboard?.writeText(made.value!.address);
  copied.value = true;
}
const stateOf = (share: Share): string => {
  const closed = shareClosedBecause(share, store.today!);
  if (closed) return closed === 'revoked' ? 'taken back' : 'run out';
  return share.lastDate ? `until ${formatDay(share.lastDate)}` : 'open';
};
const daysOf = ({ fromDay, toDay }: Share): string =>
  fromDay === toDay ? `Day ${fromDay}` : `Day ${fromDay} to ${toDay}`;
function openedText(share: Share): string {
  const at = opened.value.get(share.id);
  if (at === undefined) return '';
  if (at === null) return 'never opened';
  const { zone } = homeOf(store.book);
  const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', timeZone: zone }).format(
    new Date(at),
  );
  return `last opened ${day}, ${formatMinutes(minutesInZone(Date.parse(at), zone))}`;
}
</script>

<template>
  <div class="columns">
    <LinkForm @made="show" />
    <div class="stack">
      <ShelfCard v-if="made" :title="`For ${made.label}`" aria-live="polite">
        <div class="made">
          <img :src="made.picture" width="150" height="150" alt="The link as a code for a phone's camera" />
          <div>
            <p>Let the phone's camera look at it, or send the address. It is shown only now.</p>
            <output data-test="link-address">{{ made.address }}</output>
            <v-btn class="is-side" :prepend-icon="mdiContentCopy" @click="copy">{{
              copied ? 'Copied' : 'Copy'
            }}</v-btn>
            <p v-if="!made.isSecure" class="soft small">
              This address is not secure (http): the phone opens it, but cannot keep a copy for when there is
              no connection. Start Kobby with a certificate and its public address for that.
            </p>
          </div>
        </div>
      </ShelfCard>
      <ShelfCard :title="`Links · ${links.length}`" label="Links that are out">
        <p v-if="links.length === 0" class="soft">No link yet.</p>
        <ul>
          <li v-for="share in links" :key="share.id" class="row">
            <span>
              <b>{{ share.label }}</b>
              <v-icon
                v-if="share.locked"
                :icon="mdiLockOutline"
                size="16"
                aria-label="asks for a pass-phrase"
              />
              <small class="soft"
                >{{ daysOf(share) }}{{ share.scope === 'stations' ? ', only their groups' : '' }} ·
                {{ stateOf(share) }}{{ openedText(share) ? ` · ${openedText(share)}` : '' }}</small
              >
            </span>
            <v-btn
              v-if="!share.revokedAt"
              class="is-quiet"
              :prepend-icon="mdiLinkOff"
              :aria-label="`Take back the link for ${share.label}`"
              @click="store.perform([{ type: 'share/revoke', shareId: share.id }])"
            >
              Take back
            </v-btn>
          </li>
        </ul>
      </ShelfCard>
      <ShelfCard :title="`Ticked off · ${ticks.length}`" label="Ticked off">
        <p v-if="ticks.length === 0" class="soft">Nothing yet. What assistants tick appears here at once.</p>
        <ul aria-live="polite" data-test="ticks">
          <li v-for="tick in ticks" :key="tick.id" class="row">
            <v-icon :icon="mdiCheckBold" size="16" aria-hidden="true" />
            <span
              ><b>{{ placementAt(store.book, tick.placementId)?.content.title }}</b>
              <small class="soft">
                <template v-if="tick.supplyId">{{ store.book.supplies[tick.supplyId]?.name }} · </template>Day
                {{ tick.day }} · {{ tick.by }}
              </small></span
            >
          </li>
        </ul>
      </ShelfCard>
    </div>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(250px, 1fr) minmax(0, 1.5fr);
  gap: var(--gap-5);
  align-items: start;
}
.stack {
  display: grid;
  gap: var(--gap-5);
}
.made {
  display: grid;
  grid-template-columns: 150px minmax(0, 1fr);
  gap: var(--gap-4);
}
.made img {
  border-radius: 4px;
}
output {
  display: block;
  margin: var(--gap-2) 0 var(--gap-3);
  padding: var(--gap-2) var(--gap-3);
  background: var(--well);
  border-radius: 4px;
  font-size: 12.5px;
  overflow-wrap: anywhere;
}
.row {
  display: flex;
  gap: var(--gap-2) var(--gap-4);
  align-items: center;
  padding: var(--gap-2) 0;
  border-top: 1px dashed var(--line);
}
.row small {
  display: block;
}
.row .v-btn {
  margin-left: auto;
}
.small {
  font-size: 12.5px;
}
@media (max-width: 1100px) {
  .columns {
    grid-template-columns: 1fr;
  }
}
</style>
