import '@fontsource/bricolage-grotesque/latin-600.css';
import '@fontsource/bricolage-grotesque/latin-700.css';
import '@fontsource/bricolage-grotesque/latin-ext-600.css';
import '@fontsource/bricolage-grotesque/latin-ext-700.css';
import '@fontsource/atkinson-hyperlegible-next/latin-400.css';
import '@fontsource/atkinson-hyperlegible-next/latin-600.css';
import '@fontsource/atkinson-hyperlegible-next/latin-700.css';
import '@fontsource/atkinson-hyperlegible-next/latin-ext-400.css';
import '@fontsource/atkinson-hyperlegible-next/latin-ext-600.css';
import '@fontsource/atkinson-hyperlegible-next/latin-ext-700.css';
import 'vuetify/styles/core';
import './tokens.css';
import './toolkit.css';
import { createVuetify } from 'vuetify';
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg';

const LIGHT_KEY = 'kobby.light';
export type Light = 'day' | 'evening';

/** The toolkit with Kobby's look: set here, once. */
export const vuetify = createVuetify({
  icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
  theme: {
    defaultTheme: 'day',
    themes: {
      day: {
        dark: false,
        colors: { primary: '#6d3f83', error: '#a8321f', surface: '#fffdf8', background: '#f4eee2' },
      },
      evening: {
        dark: true,
        colors: { primary: '#c99ae0', error: '#ffb4a4', surface: '#2d2739', background: '#211c2b' },
      },
    },
  },
  defaults: {
    VBtn: { ripple: false, variant: 'flat', height: 40 },
    VTextField: { variant: 'outlined', density: 'comfortable', color: 'primary', hideDetails: 'auto' },
    VTextarea: { variant: 'outlined', density: 'comfortable', color: 'primary', hideDetails: 'auto' },
    VAutocomplete: { variant: 'outlined', density: 'comfortable', color: 'primary', hideDetails: 'auto' },
    VCombobox: { variant: 'outlined', density: 'comfortable', color: 'primary', hideDetails: 'auto' },
    VSelect: { variant: 'outlined', density: 'comfortable', color: 'primary', hideDetails: 'auto' },
  },
});

/** The light that was chosen on this device; where none was, as the device itself is set. */
export function chosenLight(): Light {
  const chosen = localStorage.getItem(LIGHT_KEY);
  if (chosen === 'evening' || chosen === 'day') return chosen;
  return window.matchMedia?.('(prefers-color-scheme: dark)').matches ? 'evening' : 'day';
}

/** Puts all screens in a light. */
export function showLight(light: Light): void {
  document.documentElement.dataset.light = light;
  vuetify.theme.change(light);
}

/** Puts all screens in a light and remembers it on this device. */
export function useLight(light: Light): void {
  localStorage.setItem(LIGHT_KEY, light);
  showLight(light);
}
