<script lang="ts">
  import { tick } from 'svelte';
  import { say } from '../../words/say';
  interface Account {
    name: string;
    email: string;
    password: string;
  }

  /** The three fields of an account. What is wrong is said at each, and the first of them has the cursor. */
  let { account = $bindable(), faults }: { account: Account; faults: Record<string, string> } = $props();

  const fields = [
    { key: 'name', label: say('signIn.signUpFields.yourName'), type: 'text', autocomplete: 'name', hint: '' },
    {
      key: 'email',
      label: say('signIn.signUpFields.yourEMail'),
      type: 'email',
      autocomplete: 'email',
      hint: say('signIn.signUpFields.forSigningInNotShown')
    },
    {
      key: 'password',
      label: say('signIn.signUpFields.aPassword'),
      type: 'password',
      autocomplete: 'new-password',
      hint: say('signIn.signUpFields.atLeast8Characters')
    }
  ] as const;

  $effect(() => {
    const first = fields.find((field) => faults[field.key]);
    if (first) void tick().then(() => document.getElementById(`account-${first.key}`)?.focus());
  });
</script>

{#each fields as field (field.key)}
  {@const wrong = faults[field.key]}
  <div class="field">
    <label for="account-{field.key}">{field.label}</label>
    <input
      id="account-{field.key}"
      class="line"
      type={field.type}
      autocomplete={field.autocomplete}
      bind:value={account[field.key]}
      aria-invalid={wrong ? 'true' : undefined}
      aria-describedby="account-{field.key}-note"
    />
    <p id="account-{field.key}-note" class={wrong ? 'fault' : 'quiet'}>{wrong ?? field.hint}</p>
  </div>
{/each}

<style>
  .field {
    margin-top: 12px;
  }
  label {
    font-weight: 700;
  }
  .fault {
    margin-top: 4px;
    color: var(--madder);
    font-size: 15px;
  }
  .quiet {
    margin-top: 4px;
    font-size: 14px;
  }
</style>
