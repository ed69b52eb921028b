<script lang="ts">
  import type { Enquiry } from '../../api/client';
  import { say } from '../../words/say';

  /** Photographs and PDFs that came with a message: seen at once, opened whole in a window of their own. */
  let { enquiry, site }: { enquiry: Enquiry; site: string } = $props();

  const at = (position: number) => `/api/sites/${site}/enquiries/${enquiry.id}/files/${position}`;
</script>

<ul aria-label={say('enquiries.sentFiles.filesThatCameWithIt')}>
  {#each enquiry.files as file (file.position)}
    <li>
      <a href={at(file.position)} target="_blank" rel="noopener">
        {#if file.shown}<img src={at(file.position)} alt="" loading="lazy" />{/if}
        <span>
          <span class="name" dir="auto">{file.name}</span>
          <span class="quiet">{file.weight}</span>
        </span>
      </a>
    </li>
  {/each}
</ul>

<style>
  ul {
    display: flex;
    flex-wrap: wrap;
    gap: 10px;
    margin: 14px 0 0;
    padding: 0;
    list-style: none;
  }
  li {
    min-width: 0;
  }
  a {
    display: grid;
    width: 148px;
    min-height: 44px;
    align-content: start;
    border: 1px solid var(--fine-rule);
    background: var(--sheet);
    color: var(--ink);
    text-decoration: none;
  }
  a:hover .name {
    text-decoration: underline;
    text-decoration-thickness: 2px;
    text-underline-offset: 3px;
  }
  img {
    width: 100%;
    height: 104px;
    object-fit: cover;
    border-bottom: 1px solid var(--fine-rule);
  }
  a > span {
    display: grid;
    padding: 6px 9px 7px;
    font-size: 14px;
    line-height: 1.3;
  }
  .name {
    overflow-wrap: anywhere;
  }
  @media (max-width: 720px) {
    li {
      flex: 1 1 40%;
    }
    a {
      width: 100%;
    }
  }
</style>
