import { expect, it } from 'vitest'
import { figure } from '@/test/data'
import { mounted } from '@/test/mounting'
import { opened, server, useTestServer } from '@/test/server'
import SauceBar from './SauceBar.vue'

useTestServer()

it('sets things out, lets a guest stir, and shows what clashes', async () => {
  server.catalogue.ingredients = [{ id: 'sesame-oil', name: 'Sesame oil' }]
  server.catalogue.sauceBar = [{ ingredient: 'sesame-oil', role: 'RICH', mark: 'MEMORY' }]
  const party = await opened()
  const view = mounted(SauceBar)
  expect(view.text()).toContain('Choose what to set out')
  const tap = (label: string) =>
    view
      .findAll('button')
      .find((button) => button.text() === label)
      ?.trigger('click')
  await tap('Sesame oil')
  await tap('Ada')
  expect(party.brief?.sauceBar).toEqual(['sesame-oil'])
  expect(party.brief?.guests[0]?.stirsOwnSauce).toBe(true)
})

it('shows how much to set out, and what clashes', async () => {
  server.catalogue.ingredients = [{ id: 'sesame-oil', name: 'Sesame oil' }]
  server.brief.sauceBar = ['sesame-oil']
  server.brief.guests = server.brief.guests.map((guest) => ({ ...guest, stirsOwnSauce: true }))
  server.plan.sauces.bar = {
    needs: [
      {
        ingredient: 'sesame-oil',
        name: 'Sesame oil',
        role: 'rich',
        volume: figure('bar.sesame-oil.ml', 60, 'ml'),
        grams: figure('bar.sesame-oil', 55),
      },
    ],
    clashes: [{ guest: 'bo', ingredient: 'sesame-oil', reason: 'no sesame' }],
    guests: ['ada'],
  }
  await opened()
  const view = mounted(SauceBar)
  expect(view.text()).toContain('60 ml')
  expect(view.text()).toContain('no sesame oil for Bo: no sesame')
})
