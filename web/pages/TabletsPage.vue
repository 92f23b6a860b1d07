<!-- The tablets of the room: the way in, who sits at one, and what is handed out. -->
<script setup lang="ts">
import { mdiRefresh } from '@mdi/js';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import HandOut from '../tablets/HandOut.vue';
import JoinCard from '../tablets/JoinCard.vue';
import LetIn from '../tablets/LetIn.vue';
import LetNetworkIn from '../tablets/LetNetworkIn.vue';
import SetAsideNews from '../tablets/SetAsideNews.vue';
import SeatList from '../tablets/SeatList.vue';
import TicketProgress from '../tablets/TicketProgress.vue';
import StandIns from '../tablets/StandIns.vue';
import { useTablets } from '../tablets/useTablets.ts';
import { useClassroomStore } from '../stores/classroom.ts';

const { t } = useI18n();
const store = useClassroomStore();
const {
  tablets,
  problem,
  busy,
  load,
  letNetworkIn,
  newCode,
  withdraw,
  sendAway,
  free,
  hand,
  takeBack,
  sendAgain,
  letGo,
  fill,
  empty,
} = useTablets();
/** The ticket that was handed last today. */
const ticket = computed(() => tablets.value?.sets.findLast(({ what }) => what === 'ticket'));
</script>

<template>
  <div class="tablets">
    <h1 class="only-heard">{{ t('tablets.title') }}</h1>
    <p v-if="problem" class="problem" role="alert">
      {{ t(problem) }} <v-btn variant="text" @click="load">{{ t('app.retry') }}</v-btn>
    </p>
    <template v-if="tablets">
      <p v-if="tablets.tries > 0" class="problem" role="status">
        {{ t('tablets.tries', { count: tablets.tries }, tablets.tries) }}
      </p>
      <SetAsideNews
        :answers="tablets.setAside"
        :children="store.classroom!.children"
        :busy="busy"
        class="across"
        @again="sendAgain"
        @let-go="letGo"
      />
      <section class="sheet way-in">
        <h2 class="title-column">{{ t('tablets.wayIn') }}</h2>
        <JoinCard :addresses="tablets.addresses" :code="tablets.code" :lan="tablets.lan" :px="48" />
        <LetNetworkIn :lan="tablets.lan" :busy="busy" @change="letNetworkIn" />
        <v-btn variant="text" :prepend-icon="mdiRefresh" :height="48" :disabled="busy" @click="newCode">{{
          t('tablets.newCode')
        }}</v-btn>
        <LetIn
          :passes="tablets.passes"
          :remotes="tablets.remotes"
          :children="store.classroom!.children"
          :busy="busy"
          @withdraw="withdraw"
          @send-away="sendAway"
        />
      </section>
      <section class="seats">
        <TicketProgress v-if="ticket" :set="ticket" :children="store.classroom!.children" />
        <SeatList :children="store.classroom!.children" :seats="tablets.seats" @free="free" />
        <StandIns
          v-if="tablets.standIns"
          :running="tablets.standIns.running"
          :answers="tablets.standIns.answers"
          :busy="busy"
          @fill="fill"
          @empty="empty"
        />
      </section>
      <HandOut
        :children="store.classroom!.children"
        :sets="tablets.sets"
        :busy="busy"
        class="hand"
        @hand="hand"
        @take-back="takeBack"
      />
    </template>
    <p v-else-if="!problem" class="quiet" role="status">{{ t('app.loading') }}</p>
  </div>
</template>

<style scoped>
.tablets {
  display: grid;
  grid-template-columns: 270px minmax(0, 1fr) 384px;
  gap: 28px;
  padding: 8px 32px 16px;
  max-width: 1500px;
  margin: 0 auto;
  align-items: start;
}
.way-in {
  padding: 16px;
  display: grid;
  justify-items: center;
  gap: 12px;
}
.across,
.problem {
  grid-column: 1 / -1;
}
@media (max-width: 1080px) {
  .tablets {
    grid-template-columns: 270px minmax(0, 1fr);
  }
  .hand {
    grid-column: 1 / -1;
  }
}
</style>
