<script lang="ts">
  import { page } from '$app/state';
</script>

<svelte:head><title>{page.status} · Zealous Quill</title></svelte:head>

<h1>{page.error?.message}</h1>
<p class="faint">
  Code {page.status}{page.error?.reference ? `, in the log as ${page.error.reference}` : ''}. What
  you saved is kept. <a class="quiet-link" href="/">Back to the desk</a>
</p>
