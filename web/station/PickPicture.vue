<!-- Tap your picture. -->
<script setup lang="ts">
import { ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import ChildPicture from '../look/ChildPicture.vue';
import { useStationStore } from './stationStore.ts';

const { t } = useI18n();
const router = useRouter();
const store = useStationStore();
const busy = ref(false);
const pick = async (childId: number): Promise<void> => {
  if (busy.value) return;
  busy.value = true;
  try {
    if (await store.sit(childId)) await router.replace({ name: 'child', params: { childId } });
  } finally {
    busy.value = false;
  }
};
</script>

<template>
  <section class="pick">
    <h1>{{ t(store.state!.children.length === 0 ? 'station.nobody' : 'station.who') }}</h1>
    <p v-if="store.taken !== undefined" class="taken" role="status">{{ t('station.taken') }}</p>
    <ul>
      <li v-for="child in store.state!.children" :key="child.id">
        <button
          type="button"
          :class="{ elsewhere: store.taken === child.id }"
          :aria-label="t('station.me', { name: child.name })"
          @click="pick(child.id)"
        >
          <ChildPicture :picture="child.picture" :px="88" />
          <span class="name">{{ child.name }}</span>
        </button>
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
.taken {
  margin: -10px 0 14px;
}
ul {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(128px, 1fr));
  gap: 14px 8px;
  max-width: 1160px;
  margin: 0 auto;
}
button {
  display: inline-grid;
  justify-items: center;
  gap: 4px;
  padding: 8px;
  width: 100%;
  max-width: 150px;
  color: var(--ink);
  border-radius: 20px;
}
button:hover {
  background: rgba(255, 255, 255, 0.55);
}
.elsewhere {
  animation: shake 0.5s ease-in-out 2;
  opacity: 0.6;
}
.name {
  font-weight: 700;
  font-size: 20px;
  line-height: 1.3;
  overflow-wrap: anywhere;
}
@keyframes shake {
  25% {
    transform: translateX(-6px);
  }
  75% {
    transform: translateX(6px);
  }
}
</style>
