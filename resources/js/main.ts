import '@fontsource-variable/hanken-grotesk';
import 'element-plus/theme-chalk/base.css';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import { createRouter, createWebHistory } from 'vue-router';
import App from './App.vue';
import EditorPage from './shell/EditorPage.vue';
import '../css/theme.css';

const router = createRouter({
    history: createWebHistory(),
    routes: [{ path: '/compositions/:id(\\d+)', component: EditorPage }],
});

createApp(App).use(createPinia()).use(router).mount('#app');
