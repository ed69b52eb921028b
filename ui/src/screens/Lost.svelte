<script lang="ts">
  import Frame from '../parts/Frame.svelte';
  import { say } from '../words/say';
</script>

<Frame>
  <h1>{say('app.lost.thereIsNothingAtThis')}</h1>
  <p class="lead">{say('app.lost.theSiteMayBelongTo')}</p>
  <p><a class="word" href="/sites">{say('app.lost.goToYourSites')}</a></p>
</Frame>
