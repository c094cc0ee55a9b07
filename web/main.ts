import { createPinia } from 'pinia';
import { createApp } from 'vue';
import App from './shell/App.vue';
import { createAppRouter } from './shell/router';
import { registerShell } from './shell/shell-update';
import { checkAnswers } from './platform/api';
import { watchStorage } from './platform/local-db/storage';
import './platform/theme/theme.css';

watchStorage();
if (import.meta.env.DEV) {
  const { messagesOf } = await import('@cadre/contract/routes');
  checkAnswers((route, answer) => void messagesOf(route).answer.parse(answer));
}
const app = createApp(App);
app.use(createPinia());
app.use(createAppRouter());
app.mount('#app');
registerShell();
