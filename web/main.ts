import { createPinia } from 'pinia';
import { createApp } from 'vue';
import App from './app/App.vue';
import { createAppRouter } from './app/router';
import { registerShell } from './app/shell-update';
import './app/theme.css';

const app = createApp(App);
app.use(createPinia());
app.use(createAppRouter());
app.mount('#app');
registerShell();
