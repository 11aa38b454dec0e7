import { createRouter, createWebHistory } from 'vue-router'

/** Steps of the work by the last part of their address. */
export const STEPS = [
  'guests',
  'pots',
  'ingredients',
  'sauces',
  'shopping',
  'prep',
  'table',
  'afterwards',
] as const
export type StepName = (typeof STEPS)[number]

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', component: () => import('@/steps/overview/PartiesPage.vue') },
    { path: '/pair', component: () => import('@/phones/PairPage.vue') },
    { path: '/household', component: () => import('@/household/HouseholdPage.vue') },
    {
      path: '/party/:id/wall',
      component: () => import('@/steps/prep/WallPage.vue'),
      props: (route) => ({ id: String(route.params.id), cook: String(route.query.cook ?? '') }),
    },
    {
      path: '/party/:id/live',
      component: () => import('@/live/LivePage.vue'),
      // with wet hands nothing lies over the orders that is not one
      meta: { undisturbed: true },
      props: (route) => ({ id: String(route.params.id), minder: String(route.query.minder ?? '') }),
    },
    {
      path: '/party/:id/:step?',
      component: () => import('@/steps/PartyPage.vue'),
      props: (route) => ({
        id: String(route.params.id),
        step: STEPS.find((step) => step === route.params.step) ?? 'guests',
      }),
    },
  ],
})
