<!-- Files and pages to be had, in a menu: a list of links, as it is heard too. -->
<script setup lang="ts">
defineProps<{
  links: readonly {
    readonly title: string;
    readonly href: string;
    /** Opens in a tab of its own; otherwise it is downloaded. */
    readonly opens?: boolean;
  }[];
}>();
</script>

<template>
  <ul class="links">
    <li v-for="{ title, href, opens } in links" :key="href">
      <a :href="href" :target="opens ? '_blank' : undefined" :download="opens ? undefined : ''">{{ title }}</a>
    </li>
    <li v-if="$slots['default']" class="quiet"><slot /></li>
  </ul>
</template>

<style scoped>
.links {
  padding: 8px 0;
  border-radius: var(--corner);
  background: var(--raised);
  box-shadow: var(--shadow);
}
a {
  display: flex;
  align-items: center;
  min-height: 44px;
  padding: 0 16px;
}
a:hover {
  background: var(--plum-tint);
}
.quiet {
  max-width: 340px;
  padding: 6px 16px 8px;
}
</style>
