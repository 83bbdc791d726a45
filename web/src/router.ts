import { createRouter, createWebHistory } from 'vue-router';
import { useAccount } from './studio/account.ts';
import { placeOf } from './studio/share/placeOf.ts';

/** Every address of studio, desk, stage and results; each surface is loaded when it is opened. */
export function makeRouter() {
  const router = createRouter({
    history: createWebHistory(),
    routes: [
      { path: '/studio', component: () => import('./studio/Library.vue'), meta: { host: true } },
      { path: '/studio/sign-in', component: () => import('./studio/SignIn.vue') },
      {
        path: '/studio/account',
        component: () => import('./studio/account/AccountPage.vue'),
        meta: { host: true },
      },
      { path: '/studio/begin', component: () => import('./studio/BeginShow.vue') },
      { path: '/studio/shared', component: () => import('./studio/SharedThing.vue') },
      {
        path: '/studio/questions/bring-in',
        component: () => import('./studio/BringIn.vue'),
        meta: { host: true },
      },
      {
        path: '/studio/questions/print',
        component: () => import('./studio/Print.vue'),
        meta: { host: true },
      },
      {
        path: '/studio/questions/map/:set',
        component: () => import('./studio/map/SetMap.vue'),
        meta: { host: true },
      },
      {
        path: '/studio/questions/check',
        component: () => import('./studio/Review.vue'),
        meta: { host: true },
      },
      {
        path: '/studio/questions',
        component: () => import('./studio/Questions.vue'),
        meta: { host: true },
      },
      {
        path: '/studio/shows/:show',
        component: () => import('./studio/ShowEditor.vue'),
        meta: { host: true },
      },
      {
        path: '/studio/practice',
        component: () => import('./studio/practice/PracticeList.vue'),
        meta: { host: true },
      },
      {
        path: '/studio/practice/:practice',
        component: () => import('./studio/practice/PracticePage.vue'),
        meta: { host: true },
      },
      {
        path: '/studio/groups',
        component: () => import('./studio/groups/GroupList.vue'),
        meta: { host: true },
      },
      {
        path: '/studio/groups/:group',
        component: () => import('./studio/groups/GroupPage.vue'),
        meta: { host: true },
      },
      {
        path: '/studio/compare',
        component: () => import('./studio/groups/ComparePage.vue'),
        meta: { host: true },
      },
      {
        path: '/studio/leagues/:league',
        component: () => import('./studio/leagues/LeaguePage.vue'),
        meta: { host: true },
      },
      {
        path: '/studio/people',
        component: () => import('./studio/people/PeoplePage.vue'),
        meta: { host: true },
      },
      { path: '/league/:key', component: () => import('./league/PublicLeague.vue') },
      { path: '/desk/:sitting', component: () => import('./desk/Desk.vue'), meta: { host: true } },
      { path: '/results/:sitting', component: () => import('./report/Results.vue'), meta: { host: true } },
      {
        path: '/results/:sitting/certificates',
        component: () => import('./report/Certificates.vue'),
        meta: { host: true },
      },
      { path: '/overlay/:code', component: () => import('./overlay/Overlay.vue') },
      { path: '/overlay/:code/try', component: () => import('./overlay/OverlayTrial.vue') },
      { path: '/buzzers/try', component: () => import('./desk/gear/VirtualBuzzers.vue') },
      { path: '/stage/:code', component: () => import('./stage/Stage.vue') },
      { path: '/:rest(.*)', component: () => import('./studio/NotFound.vue') },
    ],
  });
  router.beforeEach(async (to) => {
    // A co-host comes to a desk by a link with its key, signed in or not: the server says whether it is good.
    if (!to.meta.host || (to.path.startsWith('/desk/') && to.hash)) return true;
    // Where the server is away the page itself says so; only a clear "nobody" leads to the sign-in.
    const store = useAccount();
    if (!(await store.known())) return { path: '/studio/sign-in', query: { to: to.fullPath } };
    // A guest of one set or one show comes nowhere else.
    const guestOf = store.account?.guestOf;
    if (!guestOf) return true;
    const own = placeOf(guestOf);
    return to.path.startsWith(own.path) ? true : own;
  });
  return router;
}
