<!-- Tap your picture. -->
<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import ChildPicture from '../people/ChildPicture.vue';
import { useStationStore } from './stationStore.ts';

const { t } = useI18n();
const store = useStationStore();
</script>

<template>
  <section class="pick">
    <h1>{{ t('station.who') }}</h1>
    <ul>
      <li v-for="child in store.state!.children" :key="child.id">
        <router-link
          :to="{ name: 'child', params: { childId: child.id } }"
          :aria-label="t('station.me', { name: child.name })"
        >
          <ChildPicture :picture="child.picture" :px="88" />
          <span class="name">{{ child.name }}</span>
        </router-link>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.pick {
  height: 100%;
  overflow: auto;
  padding: 28px 28px 40px;
  text-align: center;
}
h1 {
  font-size: 32px;
  line-height: 1.3;
  margin-bottom: 20px;
}
ul {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(128px, 1fr));
  gap: 14px 8px;
  max-width: 1160px;
  margin: 0 auto;
}
a {
  display: inline-grid;
  justify-items: center;
  gap: 4px;
  padding: 8px;
  width: 100%;
  max-width: 150px;
  color: var(--ink);
  text-decoration: none;
  border-radius: 20px;
}
a:hover {
  background: rgba(255, 255, 255, 0.55);
}
.name {
  font-weight: 700;
  font-size: 20px;
  line-height: 1.3;
  overflow-wrap: anywhere;
}
</style>
