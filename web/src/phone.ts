import './design/reset.css';
import './design/fonts.ts';
import './design/base.css';
import { guardHandedOut } from '@distaff/core/document';
import { mountHandset } from './handset/main.ts';

// What a surface is shown belongs to the sitting: in development nobody changes it unnoticed.
if (import.meta.env.DEV) guardHandedOut(true);

/** Phones: a seat in a game; a practice taken alone, and what one keeps of a game, come only where they are wanted. */
const [, page, code] = location.pathname.split('/');
if (page === 'practice' && code)
  void import('./practice/main.ts').then(({ mountPractice }) => mountPractice(decodeURIComponent(code)));
else if (page === 'mine') void import('./mine/main.ts').then(({ mountMine }) => mountMine());
else mountHandset();
