import 'vuetify/styles/core';
import './fonts.ts';
import './base.css';
import { createVuetify } from 'vuetify';
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg';
import { palette } from './tokens.ts';

const text = { 'on-background': palette.ink, 'on-surface': palette.ink };

/** What all fields have in common. */
const field = {
  variant: 'outlined',
  density: 'compact',
  hideDetails: 'auto',
  color: 'primary',
  persistentHint: true,
} as const;

/** Vuetify as Distaff looks: set here once, so that no component has to fight it. */
export const makeVuetify = (theme: 'day' | 'loft') =>
  createVuetify({
    icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
    theme: {
      defaultTheme: theme,
      themes: {
        day: {
          dark: false,
          colors: {
            background: palette.chalk,
            surface: palette.paper,
            primary: palette.moss,
            secondary: palette.stone,
            error: palette.madder,
            warning: palette.weld,
            info: palette.woad,
            success: palette.moss,
            ...text,
            'on-warning': palette.ink,
          },
          variables: { 'border-opacity': 0.16, 'medium-emphasis-opacity': 0.78, 'disabled-opacity': 0.5 },
        },
        loft: {
          dark: true,
          colors: {
            background: '#101A17',
            surface: '#1B2925',
            primary: palette.weld,
            'on-primary': palette.ink,
            error: '#FF8A8A',
            'on-background': '#F2F5F1',
            'on-surface': '#F2F5F1',
          },
          variables: { 'border-opacity': 0.22, 'medium-emphasis-opacity': 0.82 },
        },
      },
    },
    // Hints stay: one that came and went with the focus would move what is being clicked.
    defaults: {
      global: { ripple: false },
      VBtn: { variant: 'flat', rounded: 'md', class: 'd-btn' },
      VCard: { variant: 'flat', border: true, rounded: 'md' },
      VTextField: { ...field },
      VTextarea: { ...field },
      VSelect: { ...field },
      VAutocomplete: { ...field },
      VCombobox: { ...field },
      VCheckbox: { color: 'primary' },
      VSwitch: { color: 'primary', density: 'compact', hideDetails: 'auto', inset: true },
      VRadioGroup: { density: 'compact', hideDetails: 'auto', color: 'primary' },
      VDialog: { maxWidth: 520 },
      VList: { density: 'compact' },
      VMenu: { offset: 4 },
      VSnackbar: { timeout: 8000, rounded: 'md', location: 'bottom left' },
    },
  });
