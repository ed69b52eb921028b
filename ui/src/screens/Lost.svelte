<script lang="ts">
  import Frame from '../parts/Frame.svelte';
</script>

<Frame>
  <h1>There is nothing at this address</h1>
  <p class="lead">The site may belong to another account, or the link is out of date.</p>
  <p><a class="word" href="/sites">Go to your sites</a></p>
</Frame>
