import { createPinia } from 'pinia';
import { createApp } from 'vue';
import App from './shell/App.vue';
import { createAppRouter } from './shell/router';
import { registerShell } from './shell/shell-update';
import { watchStorage } from './platform/local-db/storage';
import './platform/theme/theme.css';

watchStorage();
const app = createApp(App);
app.use(createPinia());
app.use(createAppRouter());
app.mount('#app');
registerShell();
