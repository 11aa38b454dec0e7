import { createVuetify } from 'vuetify'
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg'

/** Vuetify as a toolbox: our colours for its two themes, everything square-cut and flat. */
export const vuetify = createVuetify({
  display: { mobileBreakpoint: 840 },
  icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
  theme: {
    defaultTheme: 'day',
    themes: {
      day: {
        dark: false,
        colors: { background: '#EEF2F1', surface: '#FFFFFF', primary: '#1D2F4F', error: '#A3231F' },
      },
      night: {
        dark: true,
        colors: { background: '#13161B', surface: '#1B2027', primary: '#9DB7D6', error: '#FF9A8D' },
      },
    },
  },
  defaults: {
    VBtn: { variant: 'flat', rounded: 'pill', ripple: false },
    VTextField: { variant: 'outlined', density: 'comfortable', hideDetails: 'auto' },
    VTextarea: { variant: 'outlined', density: 'comfortable', hideDetails: 'auto' },
    VSelect: { variant: 'outlined', density: 'compact', hideDetails: true },
    VSlider: { hideDetails: true, thumbSize: 18, trackSize: 3 },
    VDialog: { maxWidth: 620 },
  },
})
