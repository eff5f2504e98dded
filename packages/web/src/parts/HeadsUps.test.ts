// @vitest-environment happy-dom
import { CAUTION_LINE, type Finding } from '@kobby/core';
import { mount } from '@vue/test-utils';
import { expect, test } from 'vitest';
import { createVuetify } from 'vuetify';
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg';
import * as components from 'vuetify/components';
import HeadsUps from './HeadsUps.vue';

const vuetify = createVuetify({ components, icons: { defaultSet: 'mdi', aliases, sets: { mdi } } });
const finding: Finding = {
  key: 'allergen:p',
  rule: 'allergen',
  level: 'stop',
  title: 'Milk and Bo',
  detail: 'Day 3: swap it.',
  basis: 'declared allergy',
  days: [3],
  cornerIds: [],
  placementId: 'p' as Finding['placementId'],
  childIds: [],
};
const show = (findings: readonly Finding[]) =>
  mount(HeadsUps, { props: { findings }, global: { plugins: [vuetify] } });

test('each heads-up says its level in words, and its basis when asked', async () => {
  const list = show([finding]);
  expect(list.text()).toContain('Stop · Milk and Bo');
  expect(list.text()).not.toContain('declared allergy');
  await list.get('[aria-label="Why: Milk and Bo"]').trigger('click');
  expect(list.text()).toContain(
    "declared allergy. Local licensing and the child's own care plan come first.",
  );
});

test('pressing a heads-up leads to what it is about', async () => {
  const list = show([finding]);
  await list.get('[aria-label="Show it: Milk and Bo"]').trigger('click');
  expect(list.emitted('show')).toEqual([[finding]]);
});

test('nothing to point out is said, and the caution line always stands', () => {
  const list = show([]);
  expect(list.text()).toContain('Nothing to point out');
  expect(list.text()).toContain(CAUTION_LINE);
});
