import { createRouter, createWebHistory } from 'vue-router'
import YardScreen from './yard/YardScreen.vue'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/yard' },
    { path: '/yard', component: YardScreen },
    { path: '/bench', component: () => import('./bench/TodayScreen.vue') },
    { path: '/stock', component: () => import('./workshop/StockScreen.vue') },
    { path: '/suppliers', component: () => import('./supply/SuppliersScreen.vue') },
    { path: '/workshop', component: () => import('./workshop/WorkshopScreen.vue') },
    {
      path: '/builds/:id',
      component: () => import('./build/BuildShell.vue'),
      children: [
        { path: '', redirect: (to) => `/builds/${to.params.id}/brief` },
        { path: 'brief', component: () => import('./brief/BriefScreen.vue') },
        { path: 'concept', component: () => import('./concept/ConceptScreen.vue') },
        { path: 'fit', component: () => import('./fit/FitScreen.vue') },
        { path: 'supply', component: () => import('./supply/OrderScreen.vue') },
        { path: 'make', component: () => import('./make/MakeScreen.vue') },
        { path: 'finish', component: () => import('./finish/FinishScreen.vue') },
        { path: 'light', component: () => import('./light/LightScreen.vue') },
        { path: 'bench', component: () => import('./bench/AssembleScreen.vue') },
        { path: 'prove', component: () => import('./prove/ProveScreen.vue') },
        { path: 'reveal', component: () => import('./reveal/RevealScreen.vue') },
        { path: 'plan', component: () => import('./plan/PlanScreen.vue') },
        { path: 'money', component: () => import('./money/MoneyScreen.vue') },
        { path: 'history', component: () => import('./yard/HistoryScreen.vue') },
      ],
    },
    { path: '/:rest(.*)', redirect: '/yard' },
  ],
})
