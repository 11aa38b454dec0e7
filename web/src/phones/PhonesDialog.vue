<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Invitation, PairedDevice } from '@/api/types'
import { useOpenParty } from '@/party/useOpenParty'
import { copyText } from '@/ui/copyText'
import ScanCode from './ScanCode.vue'
import { usePhones } from './usePhones'

/** Phones at the table: whom to invite, who is on what since when, and how to be rid of each. */
const open = defineModel<boolean>({ required: true })
const { party, brief } = useOpenParty()
const phones = usePhones(party.id)
const { network, invitations, devices, own, code, fresh, problem } = phones
const copied = ref(false)

const people = computed(() => [
  ...brief.value.guests.map(({ id, name }) => ({ id, name, role: 'GUEST' as const })),
  ...brief.value.cooks.map(({ id, name }) => ({ id, name, role: 'COOK' as const })),
])
const nameOf = (role: string, id?: string) =>
  people.value.find((one) => one.role === role && one.id === id)?.name
const has = (role: string, id: string) =>
  devices.value.some((device) => device.role === role && device.guest === id)
const forWhom = (invitation: Invitation) =>
  nameOf(invitation.role, invitation.guest) ??
  (invitation.role === 'GUEST'
    ? 'the table: each guest takes a place'
    : 'the kitchen: each helper takes a place')
const waiting = computed(() =>
  invitations.value.filter((one) => (one.guest ? !one.used : true) && one.id !== fresh.value?.id),
)
const free = (device: PairedDevice) =>
  people.value.filter((one) => one.role === device.role && !has(one.role, one.id))

const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' })
const day = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  hour: '2-digit',
  minute: '2-digit',
})
const at = (instant: string) => clock.format(Date.parse(instant))

function make(role: 'GUEST' | 'COOK', guest?: string): void {
  copied.value = false
  void phones.invite(role, guest)
}

async function copy(): Promise<void> {
  copied.value = await copyText(fresh.value?.url ?? '')
}
</script>

<template>
  <v-dialog v-model="open" max-width="860" scrollable>
    <v-card class="phones" title="Phones at the table">
      <v-card-text>
        <p v-if="problem" class="unmet" role="alert">{{ problem }}</p>
        <p v-if="!network.on" class="off">
          Only this machine reaches the page now. To let phones of your home network in, start it with
          <code>./ladle start --lan</code>. Nobody is let in without an invitation.
        </p>
        <p v-else class="quiet">
          This machine is at
          <b v-for="address in network.addresses" :key="address">{{ address }} </b>
          <template v-if="network.addresses.length === 0">no private address: is it on the network?</template>
        </p>

        <div class="two">
          <section aria-label="Invite">
            <h3>Invite</h3>
            <div class="chips">
              <button type="button" class="chip solid" @click="make('GUEST')">The whole table</button>
              <button
                v-for="one in people.filter((p) => p.role === 'GUEST')"
                :key="one.id"
                type="button"
                class="chip"
                :class="{ there: has('GUEST', one.id) }"
                :disabled="has('GUEST', one.id)"
                @click="make('GUEST', one.id)"
              >
                {{ one.name }}
              </button>
            </div>
            <p class="quiet small">Helpers, with their tasks:</p>
            <div class="chips">
              <button
                v-for="one in people.filter((p) => p.role === 'COOK')"
                :key="one.id"
                type="button"
                class="chip"
                :class="{ there: has('COOK', one.id) }"
                :disabled="has('COOK', one.id)"
                @click="make('COOK', one.id)"
              >
                {{ one.name }}
              </button>
            </div>
            <div v-if="fresh?.url" class="fresh">
              <ScanCode :text="fresh.url" />
              <p>
                <b>For {{ forWhom(fresh) }}</b
                ><br />
                good until {{ day.format(Date.parse(fresh.expires))
                }}{{ fresh.guest ? ', for one phone' : '' }}
              </p>
              <p class="address">{{ fresh.url }}</p>
              <button type="button" class="chip" @click="copy">
                {{ copied ? 'Copied' : 'Copy the address' }}
              </button>
            </div>
            <p v-else class="quiet small">
              A guest scans, and sees only their own: what to dip now and for how long, their sides, their
              sauce. It is forgotten a day after the party.
            </p>
          </section>

          <section aria-label="Who is on what">
            <h3>At the table</h3>
            <ul>
              <li v-for="device in devices" :key="device.id">
                <span v-if="device.guest">
                  <b>{{ nameOf(device.role, device.guest) ?? 'Somebody who is not there any more' }}</b>
                  <span class="quiet">
                    {{ device.role === 'COOK' ? 'helper, ' : '' }}{{ device.kind }}, since
                    {{ at(device.since) }}, seen {{ at(device.seen) }}</span
                  >
                </span>
                <label v-else>
                  <span class="quiet">A {{ device.kind }} without a place, since {{ at(device.since) }}</span>
                  <select @change="phones.seat(device, ($event.target as HTMLSelectElement).value)">
                    <option value="" selected disabled>Seat at …</option>
                    <option v-for="one in free(device)" :key="one.id" :value="one.id">{{ one.name }}</option>
                  </select>
                </label>
                <button type="button" class="chip" @click="phones.turnOut(device)">Turn out</button>
              </li>
              <li v-if="devices.length === 0" class="quiet">No phone yet.</li>
            </ul>
            <template v-if="waiting.length > 0">
              <h3>Open invitations</h3>
              <ul>
                <li v-for="one in waiting" :key="one.id">
                  <span
                    >For {{ forWhom(one) }} <span class="quiet">made {{ at(one.created) }}</span></span
                  >
                  <button type="button" class="chip" @click="phones.revoke(one)">Take back</button>
                </li>
              </ul>
            </template>
            <h3>Your own further devices</h3>
            <ul>
              <li v-for="device in own" :key="device.id">
                <span
                  >A {{ device.kind }}
                  <span class="quiet">since {{ day.format(Date.parse(device.since)) }}</span></span
                >
                <button type="button" class="chip" @click="phones.turnOut(device)">Turn out</button>
              </li>
            </ul>
            <div v-if="code" class="code">
              <ScanCode v-if="network.addresses[0]" :text="`${network.addresses[0]}/pair`" />
              <b>{{ code.code.slice(0, 3) }} {{ code.code.slice(3) }}</b>
              <span class="quiet">
                type it on the other device at
                {{ network.addresses[0] ?? 'this address' }}/pair, until {{ at(code.expires) }}. It may do
                everything you may.
              </span>
            </div>
            <button v-else type="button" class="chip" @click="phones.showCode">Show a code</button>
            <h3>For their calendars</h3>
            <a class="chip" :href="`/api/parties/${party.id}/invitation.ics`" download
              >The date as a calendar file</a
            >
          </section>
        </div>
        <p v-if="network.on" class="caution">
          Over plain HTTP whoever listens in on your home network can read along. Use it on a network you
          trust, or start with a certificate.
        </p>
      </v-card-text>
      <v-card-actions
        ><v-spacer /><button type="button" class="chip" @click="open = false">Close</button></v-card-actions
      >
    </v-card>
  </v-dialog>
</template>

<style scoped>
.off {
  padding: 10px 14px;
  border: 1.5px dashed var(--soft);
  border-radius: 12px;
  margin-bottom: 8px;
}

code {
  font-weight: 650;
  white-space: nowrap;
}

.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 8px 36px;
  padding: 8px 0;
}

h3 {
  padding: 10px 0 6px;
}

.chips {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  padding-bottom: 8px;
}

.chip {
  min-height: 40px;
}

.chip.there {
  border-style: dashed;
  color: var(--soft);
  cursor: default;
}

.chip.there::after {
  content: 'has a phone';
  font-size: 12px;
}

.small {
  font-size: 14px;
  padding-bottom: 6px;
}

.fresh {
  display: grid;
  grid-template-columns: 190px minmax(0, 1fr);
  gap: 4px 16px;
  justify-items: start;
  align-content: start;
  padding-bottom: 12px;
}

.fresh svg {
  grid-row: 1 / span 3;
}

.address {
  font-size: 13px;
  overflow-wrap: anywhere;
  user-select: all;
}

ul {
  list-style: none;
  margin: 0;
  padding: 0 0 8px;
}

li b {
  margin-right: 6px;
}

li {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 12px;
  min-height: 44px;
  border-top: 1px solid var(--hair);
}

select {
  min-height: 36px;
  border: 1.5px solid var(--rim);
  border-radius: 8px;
  padding: 2px 8px;
  color: inherit;
  background: var(--sheet);
}

.code {
  display: grid;
  gap: 4px;
}

.code svg {
  width: 150px;
}

.code b {
  font: 750 44px/1 var(--head);
  letter-spacing: 0.04em;
}

@media (max-width: 839px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
