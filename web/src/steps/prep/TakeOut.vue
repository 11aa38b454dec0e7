<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { api, ask } from '@/api/client'
import { useOpenParty } from '@/party/useOpenParty'
import { copyText } from '@/ui/copyText'

/** Prep on paper and in calendars: sheets per cook, a file, and an address to subscribe to. */
const emit = defineEmits<{ close: [] }>()
const { party, plan } = useOpenParty()
const open = ref(true)
/** Of one cook only; empty for everybody. */
const who = ref('')
const secret = ref<string>()
const address = computed(
  () => secret.value && `${secret.value}${who.value ? `?cook=${encodeURIComponent(who.value)}` : ''}`,
)
const message = ref('')
const copied = ref(false)
const path = () => ({ params: { path: { id: party.id } } })
const full = (path?: string | null) => (path ? new URL(path, location.href).href : undefined)
const cooks = computed(() => plan.value.prep.cooks.filter((cook) => cook.hands.value > 0))

async function say(work: () => Promise<void>): Promise<void> {
  message.value = ''
  copied.value = false
  await work().catch((e: unknown) => {
    message.value = e instanceof Error ? e.message : String(e)
  })
}

const look = async () => {
  secret.value = full((await ask(api.GET('/api/parties/{id}/calendar', path()))).path)
}
const renew = async () => {
  secret.value = full((await ask(api.POST('/api/parties/{id}/calendar', path()))).path)
}
const withdraw = async () => {
  await ask(api.DELETE('/api/parties/{id}/calendar', path()))
  secret.value = undefined
}
const copy = async () => {
  copied.value = await copyText(address.value ?? '')
}
onMounted(() => void party.save().then(() => say(look)))
</script>

<template>
  <v-dialog v-model="open" max-width="560" scrollable @after-leave="emit('close')">
    <v-card>
      <h2>Paper and calendars</h2>
      <div class="dialog-body">
        <h3>Sheets to print</h3>
        <div class="choice-row">
          <a class="chip" :href="`/api/parties/${party.id}/prep.pdf`" download>All cooks (PDF)</a>
          <a
            v-for="cook in cooks"
            :key="cook.cook"
            class="chip"
            :href="`/api/parties/${party.id}/prep.pdf?cook=${cook.cook}`"
            download
            >{{ cook.name }}</a
          >
        </div>
        <h3>For a calendar</h3>
        <div class="choice-row">
          <a class="chip" :href="`/api/parties/${party.id}/prep.ics`" download>Calendar file (.ics)</a>
          <span class="quiet">read it again after a change: entries are updated</span>
        </div>
        <h3>An address calendars look at by themselves</h3>
        <template v-if="address">
          <input class="line-input address" :value="address" readonly aria-label="Calendar address" />
          <div class="choice-row">
            <select v-model="who" class="line-input" aria-label="Whose tasks" @change="copied = false">
              <option value="">everybody’s tasks</option>
              <option v-for="cook in cooks" :key="cook.cook" :value="cook.cook">{{ cook.name }} only</option>
            </select>
            <button type="button" class="chip solid" @click="say(copy)">
              {{ copied ? 'Copied' : 'Copy' }}
            </button>
            <button type="button" class="chip" @click="say(renew)">Another address</button>
            <button type="button" class="chip" @click="say(withdraw)">Withdraw it</button>
          </div>
          <p class="caution">
            Whoever has this address reads the party’s prep. It answers on this machine only.
          </p>
        </template>
        <button v-else type="button" class="chip" @click="say(renew)">Make an address</button>
        <p v-if="message" class="unmet" role="alert">{{ message }}</p>
      </div>
      <div class="dialog-foot">
        <v-btn color="primary" @click="open = false">Done</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.address {
  width: 100%;
  font-size: 13px;
  margin-bottom: 10px;
}
</style>
