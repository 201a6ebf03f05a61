import { createRouter, createWebHistory } from 'vue-router'
import TodayView from './day/TodayView.vue'

/** Today comes with the first load; every other view when it is opened. */
export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'today', component: TodayView },
    { path: '/tickets', name: 'tickets', component: () => import('./stations/TicketsView.vue') },
    { path: '/tickets/new', name: 'new-ticket', component: () => import('./stations/TicketView.vue') },
    {
      path: '/tickets/:id/:station(garment|method|cut|press|check)?',
      name: 'ticket',
      component: () => import('./stations/TicketView.vue'),
    },
    {
      path: '/tickets/:id/at-the-press',
      name: 'at-the-press',
      component: () => import('./run/AtPressView.vue'),
      meta: { bare: true },
    },
    {
      path: '/tickets/:id/card',
      name: 'card',
      component: () => import('./plan/PressCard.vue'),
      meta: { bare: true },
    },
    { path: '/cloths', name: 'cloths', component: () => import('./log/ClothMemoryView.vue') },
    { path: '/shelf', name: 'shelf', component: () => import('./shelf/ShelfView.vue') },
    { path: '/presses', name: 'presses', component: () => import('./press/PressesView.vue') },
    { path: '/practice', name: 'practice', component: () => import('./practice/PracticeView.vue') },
    { path: '/how-we-work', name: 'how-we-work', component: () => import('./plan/HowWeWorkView.vue') },
    { path: '/terms', name: 'terms', component: () => import('./terms/TermsView.vue') },
    { path: '/how-sure', name: 'how-sure', component: () => import('./heat/HowSureView.vue') },
    { path: '/:rest(.*)*', name: 'missing', component: () => import('./shell/MissingView.vue') },
  ],
  scrollBehavior: (to, _from, saved) => saved ?? (to.hash ? { el: to.hash, top: 70 } : { top: 0 }),
})
