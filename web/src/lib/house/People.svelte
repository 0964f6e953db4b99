<!-- Who may come in, and what they may do. -->
<script lang="ts">
  import { api, call, type Member, type Problem } from '../api/client';
  import ChoiceField from '../parts/ChoiceField.svelte';
  import Dialog from '../parts/Dialog.svelte';
  import Trouble from '../parts/Trouble.svelte';
  import { session } from '../session.svelte';
  import { dayAndClock } from '../units';
  import OwnPasswordAgain, { type Asked } from './OwnPasswordAgain.svelte';

  type Role = Member['role'];
  const ROLES: { value: Role; text: string }[] = [
    { value: 'keeper', text: 'keeper' },
    { value: 'designer', text: 'designer' },
    { value: 'packer', text: 'packer' }
  ];

  let { onchange }: { onchange: () => void } = $props();

  let people = $state.raw<Member[]>([]);
  let problem = $state.raw<Problem | null>(null);
  let name = $state('');
  let role = $state<Role>('designer');
  let handed = $state.raw<{ name: string; password: string } | null>(null);
  let leaving = $state.raw<Member | null>(null);
  let asked = $state.raw<Asked | null>(null);

  void load();

  async function load() {
    const { data } = await call(api.GET('/api/people'));
    people = data ?? people;
    onchange();
  }

  async function add(event: SubmitEvent) {
    event.preventDefault();
    if (role === 'keeper') {
      asked = { title: `Add ${name} as a keeper`, button: 'Add', go: addWith };
    } else {
      problem = await addWith(null);
    }
  }

  async function addWith(ownPassword: string | null) {
    const answer = await call(api.POST('/api/people', { body: { name, role, ownPassword } }));
    if (answer.data) {
      handed = answer.data;
      name = '';
    }
    await load();
    return answer.problem ?? null;
  }

  function rights(member: Member, to: Role) {
    asked = {
      title: `${member.name} as ${to}`,
      button: 'Change rights',
      go: async (ownPassword) => {
        const answer = await call(
          api.PUT('/api/people/{id}/rights', {
            params: { path: { id: member.id } },
            body: { role: to, ownPassword }
          })
        );
        await load();
        await session.refresh();
        return answer.problem ?? null;
      }
    };
  }

  function reset(member: Member) {
    asked = {
      title: `New password for ${member.name}`,
      button: 'Make it',
      go: async (ownPassword) => {
        const answer = await call(
          api.POST('/api/people/{id}/password', { params: { path: { id: member.id } }, body: { ownPassword } })
        );
        handed = answer.data ?? handed;
        await load();
        return answer.problem ?? null;
      }
    };
  }

  async function remove(member: Member) {
    leaving = null;
    const answer = await call(api.DELETE('/api/people/{id}', { params: { path: { id: member.id } } }));
    problem = answer.problem ?? null;
    await load();
  }
</script>

<section aria-labelledby="people-title">
  <h2 id="people-title" class="text-lg font-semibold">People</h2>
  <p class="quiet">
    A packer packs at the table, reads and prints. A designer also makes and changes packs and what lies in the stores.
    A keeper also looks after people and the ways of the house.
  </p>
  <Trouble {problem} />
  <div role="status">
    {#if handed}
      <p class="handed">
        The password of <b>{handed.name}</b> is <code>{handed.password}</code>. Hand it over; it is shown this once, and
        they can change it here.
        <button type="button" class="plain-button" onclick={() => (handed = null)}>Done</button>
      </p>
    {/if}
  </div>
  <ul>
    {#each people as member (member.id)}
      <li>
        <span class="grow"
          ><b>{member.name}</b> <span class="quiet text-xs">since {dayAndClock(member.since)}</span></span
        >
        <!-- Chosen and then not confirmed, it shows again what holds. -->
        {#key asked}
          <ChoiceField
            label="Rights of {member.name}"
            value={member.role}
            options={ROLES}
            onset={(to) => rights(member, to)}
          />
        {/key}
        <button
          type="button"
          class="plain-button"
          aria-label="New password for {member.name}"
          onclick={() => reset(member)}>New password</button
        >
        <button type="button" class="plain-button" aria-label="Remove {member.name}" onclick={() => (leaving = member)}
          >Remove</button
        >
      </li>
    {/each}
  </ul>
  <form onsubmit={add} aria-label="Add somebody">
    <label>Name <input class="text" required maxlength="60" autocomplete="off" bind:value={name} /></label>
    <span
      >as <ChoiceField
        label="Rights of the new person"
        value={role}
        options={ROLES}
        onset={(to) => (role = to)}
      /></span
    >
    <button class="btn btn-neutral btn-sm">Add</button>
  </form>
</section>

<OwnPasswordAgain bind:asked />

<Dialog title="Remove {leaving?.name ?? ''}" bind:open={() => leaving !== null, (open) => !open && (leaving = null)}>
  {#if leaving}
    <p>
      {leaving.name} can not sign in any more and open visits end at once. Packs and revisions they made stay, under their
      name.
    </p>
    <div class="mt-3 flex gap-2">
      <button type="button" class="btn btn-neutral btn-sm" onclick={() => leaving && remove(leaving)}>Remove</button>
      <button type="button" class="btn btn-sm" onclick={() => (leaving = null)}>Keep</button>
    </div>
  {/if}
</Dialog>

<style>
  li {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0 0.5rem;
    padding: 0.25rem 0;
    border-bottom: 1px solid var(--color-base-300);
  }
  form {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.75rem;
    margin-top: 0.75rem;
  }
  form label {
    display: flex;
    align-items: baseline;
    gap: 0.375rem;
  }
  .handed {
    margin: 0.5rem 0;
    padding: 0.5rem 0.75rem;
    border-left: 3px solid var(--color-accent);
    background: var(--color-base-200);
  }
  .handed code {
    font-size: 1rem;
    font-weight: 700;
    user-select: all;
  }
</style>
