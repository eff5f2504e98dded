import { createRouter, createWebHistory } from 'vue-router';
import { isStep, takeOffTop, watchSteps } from './state/laid-over.ts';
import { partIsMissing } from './state/offline.ts';
import { focusHeading } from './state/page-title.ts';
import { lastLink } from './state/phone-copy.ts';

watchSteps();
export const router = createRouter({
  history: createWebHistory(),
  // A page that one comes back to is where one left it.
  scrollBehavior: (to, from, saved) => saved ?? (to.path === from.path ? false : { top: 0 }),
  routes: [
    { path: '/', redirect: '/units' },
    // Where the page begins that was put on the home screen: an assistant's link, else the day of the home.
    {
      path: '/begin',
      redirect: () => {
        const shareId = lastLink();
        return shareId === null ? { name: 'today' } : { name: 'assistant', params: { shareId } };
      },
    },
    { path: '/enter', name: 'enter', component: () => import('./views/Enter/EnterView.vue') },
    {
      path: '/with/:shareId',
      name: 'assistant',
      component: () => import('./views/Assistant/AssistantView.vue'),
    },
    {
      path: '/today',
      component: () => import('./views/SignedIn.vue'),
      children: [{ path: '', name: 'today', component: () => import('./views/Today/TodayView.vue') }],
    },
    {
      path: '/units',
      component: () => import('./views/SignedIn.vue'),
      children: [
        { path: '', name: 'units', component: () => import('./views/Units/UnitsView.vue') },
        { path: 'year', name: 'year', component: () => import('./views/Year/YearView.vue') },
        {
          path: ':unitId/print-shop',
          name: 'print-shop',
          component: () => import('./views/PrintShop/PrintShopView.vue'),
        },
        {
          path: ':unitId/labels',
          name: 'labels',
          component: () => import('./views/Ready/LabelsView.vue'),
        },
        {
          path: ':unitId/print/:sheet',
          name: 'print',
          component: () => import('./views/Print/PrintView.vue'),
        },
        {
          path: ':unitId/circle/:day/:blockId/lead',
          name: 'circle-lead',
          component: () => import('./views/Circle/LeadView.vue'),
        },
        {
          path: ':unitId/circle/:day/:blockId/card',
          name: 'circle-card',
          component: () => import('./views/Circle/CardView.vue'),
        },
        {
          path: ':unitId/circle/:day/:blockId/songs',
          name: 'circle-songs',
          component: () => import('./views/Circle/SongsView.vue'),
        },
        { path: ':unitId/shop', name: 'shop', component: () => import('./views/Shop/ShopView.vue') },
        {
          path: ':unitId',
          component: () => import('./views/Unit/UnitFrame.vue'),
          children: [
            { path: '', redirect: (to) => ({ name: 'corners', params: to.params }) },
            { path: 'spark', name: 'spark', component: () => import('./views/Spark/SparkView.vue') },
            { path: 'corners', name: 'corners', component: () => import('./views/Corners/CornersView.vue') },
            {
              path: 'one-page',
              name: 'one-page',
              component: () => import('./views/OnePage/OnePageView.vue'),
            },
            { path: 'days', name: 'days', component: () => import('./views/Days/DaysView.vue') },
            { path: 'circle', name: 'circle', component: () => import('./views/Circle/CircleView.vue') },
            { path: 'trays', name: 'trays', component: () => import('./views/Trays/TraysView.vue') },
            { path: 'gather', name: 'gather', component: () => import('./views/Gather/GatherView.vue') },
            { path: 'ready', name: 'ready', component: () => import('./views/Ready/ReadyView.vue') },
            {
              path: 'hand-over',
              name: 'hand-over',
              component: () => import('./views/HandOver/HandOverView.vue'),
            },
            {
              path: 'look-back',
              name: 'look-back',
              component: () => import('./views/LookBack/LookBackView.vue'),
            },
          ],
        },
      ],
    },
    {
      path: '/kitchen',
      component: () => import('./views/SignedIn.vue'),
      children: [
        {
          path: '',
          component: () => import('./views/Kitchen/KitchenFrame.vue'),
          children: [
            { path: '', redirect: { name: 'counter' } },
            {
              path: 'counter/:recipeId?',
              name: 'counter',
              component: () => import('./views/Kitchen/CounterView.vue'),
            },
            { path: 'bins', name: 'bins', component: () => import('./views/Bins/BinsView.vue') },
            { path: 'made', name: 'made', component: () => import('./views/Kitchen/MadeView.vue') },
          ],
        },
      ],
    },
    {
      path: '/watch',
      component: () => import('./views/SignedIn.vue'),
      children: [
        {
          path: ':observationId/strip',
          name: 'watch-strip',
          component: () => import('./views/Watch/StripView.vue'),
        },
        {
          path: '',
          component: () => import('./views/Watch/WatchFrame.vue'),
          children: [
            { path: '', redirect: { name: 'watch-begin' } },
            { path: 'begin', name: 'watch-begin', component: () => import('./views/Watch/BeginView.vue') },
            { path: ':observationId', name: 'watch', component: () => import('./views/Watch/WatchView.vue') },
          ],
        },
      ],
    },
    {
      path: '/house',
      component: () => import('./views/SignedIn.vue'),
      children: [
        {
          path: 'children/:childId/letter',
          name: 'child-letter',
          component: () => import('./views/Children/ChildLetterView.vue'),
        },
        {
          path: '',
          component: () => import('./views/House/HouseFrame.vue'),
          children: [
            { path: '', redirect: { name: 'children' } },
            {
              path: 'children',
              children: [
                {
                  path: '',
                  name: 'children',
                  component: () => import('./views/Children/ChildrenView.vue'),
                },
                {
                  path: ':childId',
                  name: 'child',
                  component: () => import('./views/Children/ChildPage.vue'),
                },
              ],
            },
            { path: 'people', name: 'people', component: () => import('./views/People/PeopleView.vue') },
            {
              path: 'corners',
              name: 'house-corners',
              component: () => import('./views/Shelf/ShelfView.vue'),
            },
            { path: 'rules', name: 'rules', component: () => import('./views/Rules/RulesView.vue') },
            { path: 'credits', name: 'credits', component: () => import('./views/House/CreditsView.vue') },
            { path: 'kept', name: 'kept', component: () => import('./views/Kept/KeptView.vue') },
            {
              path: 'cupboard',
              name: 'cupboard',
              component: () => import('./views/Cupboard/CupboardView.vue'),
            },
            { path: 'library', name: 'library', component: () => import('./views/Library/LibraryView.vue') },
          ],
        },
      ],
    },
    { path: '/:rest(.*)*', redirect: '/units' },
  ],
});

// Back takes off what lies over the page, and leaves the page only when nothing does.
router.beforeEach(() => !(isStep() && takeOffTop()));

// Whoever listens hears where she is now.
router.afterEach((to, from, failure) => {
  if (!failure && from.matched.length > 0 && to.path !== from.path)
    void focusHeading(() => router.currentRoute.value.path === to.path);
});

// The words differ from browser to browser.
const IS_MISSING = /dynamically imported module|module script failed|error loading|preload CSS/i;
router.onError((error, to) => {
  if (IS_MISSING.test(String(error))) partIsMissing(to.fullPath);
});
