import { createRouter } from 'sv-router';
import Shelf from '../pages/Shelf.svelte';

// The only place that knows the router: pages and links go through here.
export { searchParams } from 'sv-router';

export const { p, navigate, route } = createRouter({
  '/': Shelf,
  '/new': () => import('../pages/NewPack.svelte'),
  '/stores': () => import('../pages/StoresPage.svelte'),
  '/journeys': () => import('../pages/JourneysPage.svelte'),
  '/house': () => import('../pages/HousePage.svelte'),
  '/help': () => import('../pages/HelpPage.svelte'),
  '/help/:page': () => import('../pages/DocPage.svelte'),
  '/table': () => import('../pages/TablePage.svelte'),
  '/table/:id': () => import('../pages/PackingPage.svelte'),
  '/sending': () => import('../pages/SendingPage.svelte'),
  '/packs/:id': () => import('../pages/BenchPage.svelte'),
  '/packs/:id/page': () => import('../pages/PaperPage.svelte'),
  '*': () => import('../pages/Lost.svelte')
});
