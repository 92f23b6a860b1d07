import './look/reset.css';
import './look/teacherFont.css';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import { installTokens } from './look/tokens.ts';
import { vuetify } from './look/vuetify.ts';
import './look/base.css';
import './look/teacher.css';
import { createWords } from './messages/i18n.ts';
import uk from './messages/en-GB/teacher.json';
import us from './messages/en-US/teacher.json';
import { isRehearsing } from './api/place.ts';
import { router } from './router.ts';
import { giveFocusBack, watchFocus } from './shell/focusBack.ts';
import { watchForMissingCode } from './shell/missingCode.ts';
import TeacherApp from './shell/TeacherApp.vue';

giveFocusBack(router);
watchForMissingCode(router);
watchFocus();
installTokens(document.documentElement);
if (isRehearsing) document.documentElement.style.setProperty('--bar', '52px');
createApp(TeacherApp)
  .use(createPinia())
  .use(createWords({ 'en-US': us, 'en-GB': uk }))
  .use(vuetify)
  .use(router)
  .mount('#app');
