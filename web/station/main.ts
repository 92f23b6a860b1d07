import '../look/reset.css';
import '../look/childFont.css';
import '../look/base.css';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import { createRouter, createWebHistory } from 'vue-router';
import { installTokens } from '../look/tokens.ts';
import { createWords } from '../messages/i18n.ts';
import uk from '../messages/en-GB/station.json';
import us from '../messages/en-US/station.json';
import ChildStation from './ChildStation.vue';
import { keepForOffline } from './offline.ts';
import PickPicture from './PickPicture.vue';
import PracticePage from './PracticePage.vue';
import StationApp from './StationApp.vue';

/** Every way from one view to the next takes the place of the last: nobody comes back to a child by the browser's own button. */
const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/station', name: 'pick', component: PickPicture },
    { path: '/station/:childId(\\d+)', name: 'child', component: ChildStation },
    { path: '/station/:childId(\\d+)/alone', name: 'alone', component: PracticePage },
    { path: '/:rest(.*)*', redirect: '/station' },
  ],
});

installTokens(document.documentElement);
keepForOffline();
createApp(StationApp)
  .use(createPinia())
  .use(createWords({ 'en-US': us, 'en-GB': uk }))
  .use(router)
  .mount('#app');
