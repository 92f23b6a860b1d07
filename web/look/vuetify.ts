import 'vuetify/styles';
import { createVuetify } from 'vuetify';
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg';
import { COLOURS } from './tokens.ts';

/** What lets the page write its one style sheet. */
const nonce = document.querySelector<HTMLMetaElement>('meta[property="csp-nonce"]')?.nonce;

/** Vuetify in Hoppel's look: theme, density, corners and defaults, set once here. */
export const vuetify = createVuetify({
  icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
  theme: {
    defaultTheme: 'hoppel',
    ...(nonce !== undefined && { cspNonce: nonce }),
    themes: {
      hoppel: {
        dark: false,
        colors: {
          background: COLOURS.paper,
          surface: COLOURS.raised,
          primary: COLOURS.plum,
          secondary: COLOURS.moss7,
          error: COLOURS.berry,
          'on-background': COLOURS.ink,
          'on-surface': COLOURS.ink,
        },
        variables: { 'medium-emphasis-opacity': 0.8 },
      },
    },
  },
  defaults: {
    VBtn: { rounded: 'pill', height: 48, color: 'primary', variant: 'flat' },
    VTextField: { variant: 'solo-filled', flat: true, rounded: 'lg', color: 'primary', bgColor: COLOURS.sand },
    VTextarea: { variant: 'solo-filled', flat: true, rounded: 'lg', color: 'primary', bgColor: COLOURS.sand },
    VList: { rounded: 'lg' },
    // What opens is a part of the screen, for those who go from landmark to landmark.
    VMenu: { attach: '#screen' },
  },
});
