<script setup lang="ts">
import { homeOf, type Picture } from '@kobby/core';
import { computed, ref } from 'vue';
import { chosenFile } from '../state/api.ts';
import { useBook } from '../state/book.ts';
import { takePicture } from '../state/own-picture.ts';
import { shippedAddress, shippedPictures } from '../state/pictures.ts';
import PlankSheet from './PlankSheet.vue';
import ThingPicture from './ThingPicture.vue';

/** Chooses what shows something: the picture that goes by its name, another one, a photo or drawing of one's own, or none. */
const props = defineProps<{ name: string; picture: Picture }>();
const open = defineModel<boolean>({ required: true });
const emit = defineEmits<{ choose: [picture: Picture] }>();
const store = useBook();
const isRealistic = computed(() => homeOf(store.book).pictures === 'realistic');
const typed = ref('');
const MOST = 36;
const like = computed(() => shippedPictures()?.picturesLike(typed.value || props.name, MOST) ?? []);
const isTaking = ref(false);
const why = ref('');

function choose(picture: Picture): void {
  emit('choose', picture);
  open.value = false;
}
async function take(event: Event): Promise<void> {
  const file = chosenFile(event);
  if (!file) return;
  [isTaking.value, why.value] = [true, ''];
  const taken = await takePicture(file);
  isTaking.value = false;
  if ('why' in taken) why.value = taken.why;
  else choose({ from: 'home', file: taken.file });
}
</script>

<template>
  <PlankSheet v-model="open" :title="`Picture of ${name}`" :width="640">
    <div class="now">
      <ThingPicture :name="name" :picture="picture" :size="84" />
      <p class="soft">
        <template v-if="picture === null">Found by its name.</template>
        <template v-else-if="picture.from === 'none'">Nothing, on purpose.</template>
        <template v-else-if="picture.from === 'home'">A picture of your own.</template>
        <template v-else>Chosen.</template>
      </p>
    </div>
    <div class="row">
      <label class="own">
        Your own photo or drawing
        <input type="file" name="picture" accept="image/*" @change.stop="take" />
      </label>
      <button v-if="picture !== null" type="button" class="chip" data-test="by-name" @click="choose(null)">
        By its name
      </button>
      <button
        v-if="picture?.from !== 'none'"
        type="button"
        class="chip"
        data-test="no-picture"
        @click="choose({ from: 'none' })"
      >
        No picture
      </button>
    </div>
    <p v-if="isTaking" aria-live="polite">Taking it in …</p>
    <p v-if="why" class="wrong" role="alert">{{ why }}</p>
    <p class="soft">It is made smaller here, and where and when it was taken does not go along.</p>
    <p v-if="isRealistic">
      This home shows realistic pictures only: your own. That is said under Days and rules.
    </p>
    <template v-else>
      <v-text-field
        v-model="typed"
        name="picture-name"
        label="Another one that goes by …"
        autocomplete="off"
        hide-details
      />
      <ul class="found">
        <li v-for="one in like" :key="one.id">
          <button
            type="button"
            class="chip"
            :data-picture="one.id"
            @click="choose({ from: 'kobby', id: one.id })"
          >
            <img :src="shippedAddress(one.id)" width="44" height="44" alt="" loading="lazy" />
            {{ one.names[0] }}
          </button>
        </li>
      </ul>
      <p v-if="typed && like.length === 0" class="soft">No picture of Kobby’s goes by that name.</p>
    </template>
  </PlankSheet>
</template>

<style scoped>
.now,
.row {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
  align-items: center;
  margin-bottom: var(--gap-3);
}
.own {
  min-width: 0;
  max-width: 100%;
}
.own input {
  display: block;
  width: 100%;
  max-width: 260px;
  margin-top: var(--gap-1);
}
.found {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(92px, 100%), 1fr));
  gap: var(--gap-2);
  margin-top: var(--gap-3);
  list-style: none;
}
.found button {
  display: grid;
  justify-items: center;
  gap: var(--gap-1);
  width: 100%;
  height: 100%;
  padding: var(--gap-2);
  font-size: 12.5px;
  line-height: 1.2;
}
</style>
