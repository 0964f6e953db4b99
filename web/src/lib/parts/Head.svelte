<!-- The head of every page. -->
<script lang="ts">
  import {
    CircleHelp,
    ClipboardCheck,
    House,
    LogOut,
    Moon,
    Package,
    Route,
    Sun,
    Truck,
    Warehouse
  } from '@lucide/svelte';
  import type { Snippet } from 'svelte';
  import { session } from '../session.svelte';
  import { theme } from '../theme.svelte';

  let {
    children,
    here,
    compact = false,
    places = true
  }: {
    children?: Snippet;
    /** The place this page is. */ here?: string;
    /** Icons without words. */ compact?: boolean;
    /** Whether the way to other places is shown. */ places?: boolean;
  } = $props();

  const PLACES = [
    { href: '/', name: 'Shelf', icon: Package },
    { href: '/table', name: 'Packing table', icon: ClipboardCheck },
    { href: '/sending', name: 'Sending', icon: Truck },
    { href: '/stores', name: 'Stores', icon: Warehouse },
    { href: '/journeys', name: 'Journeys', icon: Route },
    { href: '/house', name: 'House', icon: House },
    { href: '/help', name: 'Help', icon: CircleHelp }
  ];
</script>

<header class="head">
  <a href="/" class="mark" aria-label="Rampart, to the shelf">
    <svg width="24" height="18" viewBox="0 0 28 20" aria-hidden="true"
      ><path fill="currentColor" d="M0 0h7v5h4V0h6v5h4V0h7v20H0z" /><path class="band" d="M0 16h28v4H0z" /></svg
    >
    <span>Rampart</span>
  </a>
  {@render children?.()}
  {#if !children}<span class="grow"></span>{/if}
  {#if session.person && places}
    <nav class="places" class:compact aria-label="Places">
      {#each PLACES.filter((p) => !compact || p.href !== '/') as place (place.href)}
        <a
          href={place.href}
          class="plain-button"
          aria-current={here === place.name ? 'page' : undefined}
          aria-label={compact ? place.name : undefined}
          title={compact ? place.name : undefined}
          ><place.icon size={16} aria-hidden="true" />{#if !compact}<span>{place.name}</span>{/if}</a
        >
      {/each}
    </nav>
  {/if}
  <button
    type="button"
    class="plain-button"
    aria-label={theme.current === 'paper' ? 'Change to night' : 'Change to day'}
    title={theme.current === 'paper' ? 'Night' : 'Day'}
    onclick={() => theme.toggle()}
  >
    {#if theme.current === 'paper'}<Moon size={16} aria-hidden="true" />{:else}<Sun size={16} aria-hidden="true" />{/if}
  </button>
  {#if session.person}
    <button
      type="button"
      class="plain-button"
      aria-label="Sign out {session.person.name}"
      title="{session.person.name} ({session.person.role}): sign out"
      onclick={() => session.signOut()}><LogOut size={16} aria-hidden="true" /></button
    >
  {/if}
</header>

<style>
  .head {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.125rem 0.375rem;
    min-height: 2.875rem;
    padding: 0 1.125rem;
    border-bottom: 2px solid var(--color-base-content);
    background: var(--color-base-200);
  }
  /* One line where there is something that can give way for it; else a second line rather than signs off the screen. */
  @media (min-width: 75rem) {
    .head:has(:global(> .gives)) {
      flex-wrap: nowrap;
    }
    .head :global(> *) {
      flex-shrink: 0;
    }
    .head :global(> .gives) {
      min-width: 7rem;
      flex-shrink: 1;
    }
  }
  .mark {
    display: flex;
    align-items: center;
    gap: 0.5rem;
    font-size: 1.0625rem;
    font-weight: 720;
    font-stretch: 110%;
  }
  .places {
    display: flex;
    flex-wrap: wrap;
  }
  .compact a {
    padding: 0.125rem 0.3125rem;
  }
  .places a[aria-current] {
    box-shadow: inset 0 -2px var(--color-accent);
    font-weight: 650;
  }
  .band {
    fill: var(--color-accent);
  }
</style>
