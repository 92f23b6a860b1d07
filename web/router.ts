import { createRouter, createWebHistory } from 'vue-router';
import { BASE, isRehearsing } from './api/place.ts';

/** A path for every view of the teacher's. A lesson is named by its id: its place in the unit may be another's after a change. `shell: false` fills the screen without the path and the places. */
export const router = createRouter({
  history: createWebHistory(BASE),
  routes: [
    { path: '/', name: 'desk', component: () => import('./pages/DeskPage.vue') },
    { path: '/lessons/:lesson(\\d+)', name: 'lesson', component: () => import('./pages/DeskPage.vue') },
    {
      path: '/board/:lesson(\\d+)?',
      name: 'board',
      component: () => import('./pages/BoardPage.vue'),
      meta: { shell: false },
    },
    { path: '/remote', name: 'remote', component: () => import('./pages/RemotePage.vue'), meta: { shell: false } },
    { path: '/class', name: 'class', component: () => import('./pages/ClassPage.vue') },
    { path: '/class/:childId(\\d+)', name: 'child', component: () => import('./pages/ChildPage.vue') },
    {
      path: '/class/:childId(\\d+)/stored',
      name: 'stored',
      component: () => import('./pages/ChildStoredPage.vue'),
    },
    {
      path: '/sheets/:lesson(\\d+)?',
      name: 'sheets',
      component: () => import('./pages/SheetsPage.vue'),
      // What is done on the table is undone there.
      meta: { undoes: true },
    },
    { path: '/check', name: 'checks', component: () => import('./pages/ChecksPage.vue') },
    {
      path: '/check/:pileId',
      name: 'check',
      component: () => import('./pages/CheckPage.vue'),
      // What is marked is undone there, and "?" is a mark.
      meta: { undoes: true, marks: true },
    },
    { path: '/tablets', name: 'tablets', component: () => import('./pages/TabletsPage.vue') },
    { path: '/settings', name: 'settings', component: () => import('./pages/SettingsPage.vue') },
    { path: '/settings/class', name: 'children', component: () => import('./pages/ChildrenPage.vue') },
    { path: '/settings/day', name: 'day', component: () => import('./pages/DayPage.vue') },
    { path: '/settings/unit', name: 'unit', component: () => import('./pages/UnitPage.vue') },
    {
      path: '/settings/passphrase',
      name: 'passphrase',
      component: () => import('./pages/PassphrasePage.vue'),
    },
    // Where a second device of the teacher's comes in.
    { path: '/teacher', redirect: '/' },
    { path: '/settings/backups', name: 'backups', component: () => import('./pages/BackupsPage.vue') },
    { path: '/settings/moving', name: 'moving', component: () => import('./pages/MovingPage.vue') },
    { path: '/bring-in', name: 'bring-in', component: () => import('./pages/BringInPage.vue'), meta: { shell: false } },
    { path: '/welcome', name: 'welcome', component: () => import('./pages/WelcomePage.vue'), meta: { shell: false } },
    { path: '/:rest(.*)*', redirect: '/' },
  ],
  scrollBehavior: () => ({ top: 0 }),
});

/** What a made-up class is there for: to be taught, and looked at. Its papers, tablets and settings are nobody's. */
const REHEARSED: ReadonlySet<unknown> = new Set(['desk', 'lesson', 'board', 'class', 'child']);
if (isRehearsing) router.beforeEach(({ name }) => REHEARSED.has(name) || { name: 'desk' });
