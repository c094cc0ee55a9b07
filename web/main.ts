import { createPinia } from 'pinia';
import { createApp } from 'vue';
import App from './app/App.vue';
import { createAppRouter } from './app/router';
import { registerShell } from './app/shell-update';
import { watchStorage } from './app/storage';
import './app/theme.css';

watchStorage();
const app = createApp(App);
app.use(createPinia());
app.use(createAppRouter());
app.mount('#app');
registerShell();
