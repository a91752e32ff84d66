<script setup lang="ts">
import { computed, ref } from 'vue'
import { CopyButton, OneOf } from '../../shared'
import { t } from '../texts'

const props = defineProps<{ address: string }>()
const chosen = ref('PHP')
const examples = computed<Record<string, string>>(() => {
  const url = props.address
  const { host, pathname } = new URL(url)
  return {
    SSI: `# nginx: let /antiphon/ lead to us and keep it for a minute\nlocation /antiphon/ {\n  proxy_pass ${url.replace(pathname, '/embed/listings/')};\n  proxy_cache_valid 200 1m;\n  proxy_cache_use_stale error timeout updating;\n}\n\n<!-- in the page -->\n<!--#include virtual="/antiphon/${pathname.split('/').pop()}" -->`,
    ESI: `<esi:include src="${url}" onerror="continue" />`,
    PHP: `<?php\n$copy = sys_get_temp_dir() . '/antiphon-listing.html';\nif (!is_file($copy) || time() - filemtime($copy) > 60) {\n  $html = @file_get_contents('${url}', false, stream_context_create(['http' => ['timeout' => 2]]));\n  if ($html !== false) file_put_contents($copy, $html, LOCK_EX);\n}\necho is_file($copy) ? file_get_contents($copy) : '';`,
    Node: `let copy = '', until = 0\nexport async function listing() {\n  if (Date.now() > until) {\n    until = Date.now() + 60_000\n    const answer = await fetch('${url}', { signal: AbortSignal.timeout(2000) }).catch(() => null)\n    if (answer?.ok) copy = await answer.text()\n  }\n  return copy\n}`,
    Python: `import time, urllib.request\n_copy, _until = "", 0.0\ndef listing():\n    global _copy, _until\n    if time.time() > _until:\n        _until = time.time() + 60\n        try:\n            _copy = urllib.request.urlopen("${url}", timeout=2).read().decode()\n        except OSError:\n            pass\n    return _copy`,
    'ASP.NET': `// Program.cs: builder.Services.AddMemoryCache(); builder.Services.AddHttpClient();\npublic sealed class Listing(IHttpClientFactory http, IMemoryCache cache)\n{\n    // ${host} answers within milliseconds; the copy spares even those.\n    public Task<string?> HtmlAsync() => cache.GetOrCreateAsync("antiphon", entry =>\n    {\n        entry.AbsoluteExpirationRelativeToNow = TimeSpan.FromMinutes(1);\n        return http.CreateClient().GetStringAsync("${url}");\n    });\n}`,
  }
})
</script>

<template>
  <OneOf
    v-model="chosen"
    wide
    :label="t('exampleFor')"
    :choices="Object.keys(examples).map((name) => [name, name] as const)"
  />
  <pre class="snippet" tabindex="0">{{ examples[chosen] }}</pre>
  <CopyButton :text="examples[chosen] ?? ''" :label="t('copyExample', { language: chosen })" />
</template>
