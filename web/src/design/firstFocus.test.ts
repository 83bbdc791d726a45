/** @jest-environment jsdom */
import { afterEach, describe, expect, it } from '@jest/globals';
import { createApp, defineComponent, h, withDirectives, type App } from 'vue';
import { vFirstFocus } from './firstFocus.ts';

let apps: App[] = [];
/** A field somewhere in the page that wants the caret as it is mounted. */
function mountIn(parent: Element, value?: boolean): HTMLElement {
  const app = createApp(defineComponent(() => () => withDirectives(h('textarea'), [[vFirstFocus, value]])));
  const own = parent.appendChild(document.createElement('div'));
  app.mount(own);
  apps.push(app);
  return own.querySelector('textarea')!;
}
const page = (html: string) => (document.body.innerHTML = html);
afterEach(() => {
  for (const app of apps) app.unmount();
  apps = [];
});

describe('the first caret of a form', () => {
  it('goes into the field as it comes', () => {
    page('<div id="here"></div>');
    const field = mountIn(document.querySelector('#here')!);
    expect(document.activeElement === field).toBe(true);
  });

  it('stays where it is when the form asks for none, or somebody is writing already', () => {
    page('<input id="search"><div id="here"></div>');
    document.querySelector<HTMLElement>('#search')!.focus();
    mountIn(document.querySelector('#here')!, false);
    mountIn(document.querySelector('#here')!);
    expect(document.activeElement?.id).toBe('search');
  });

  it('is taken from no dialog by what came late behind it, and given by what stands in it', () => {
    page(
      '<div id="here"></div><div class="v-overlay v-overlay--active v-dialog"><button>New</button><i id="in"></i></div>',
    );
    document.querySelector('button')!.focus();
    mountIn(document.querySelector('#here')!);
    expect(document.activeElement?.tagName).toBe('BUTTON');
    const field = mountIn(document.querySelector('#in')!);
    expect(document.activeElement === field).toBe(true);
  });
});
