import { byJob, material, own, step, trade, type Step } from '../step';

/** Stage 3: make safe, protect, and live beside the work. */
export const SITE: readonly Step[] = [
  step(3, 'safe.locks', 'Change the locks', own('once', 60), {
    at: 'house',
    materials: [byJob('lock', 'Lock cylinder set', 'set', 85)],
    meets: [{ condition: 'door' }],
    says: ['locks', 'lock', 'keys'],
    onlyIf: { occupancy: 'empty' },
  }),
  step(
    3,
    'site.alarms',
    'Hang battery smoke and CO alarms where people sleep',
    own('battery-alarms', 15),
    {
      at: 'house',
      materials: [material('battery-alarm', 'Battery smoke and CO alarm', 'alarm', 1, 42)],
      cautions: ['alarm-covers'],
      says: ['battery alarms'],
      onlyIf: { occupancy: 'lived-in' },
    },
  ),
  step(3, 'site.bin', 'Order the debris bin', own('once', 20), {
    at: 'house',
    wait: { hours: 48, what: 'The bin is brought', isAnswer: true },
    cautions: ['overhead'],
    says: ['bin ordered', 'order bin'],
  }),
  step(3, 'site.scaffold', 'Put the scaffold up', trade('scaffold firm', 1, 900), {
    cautions: ['falls', 'overhead'],
    says: ['scaffold up', 'scaffold'],
  }),
  step(3, 'site.tarp', 'Tarp what is open', own('once', 120, 1, { hands: 2 }), {
    materials: [byJob('tarp', 'Reinforced tarp and battens', 'set', 85)],
    cautions: ['falls', 'wind'],
    says: ['tarp', 'tarped'],
  }),
  step(
    3,
    'site.storage',
    'Move what is stored here to another room',
    own('floor', 90, 100, { setup: 30 }),
    {
      cautions: ['weight'],
      says: ['moved storage', 'cleared room'],
    },
  ),
  step(3, 'temp.kitchen', 'Set up a corner to cook and wash up in', own('once', 150), {
    materials: [byJob('hotplate', 'Hotplate, shelf and washing-up bowl', 'set', 120)],
    cautions: ['power'],
    says: ['cook corner', 'temporary kitchen'],
    onlyIf: { occupancy: 'lived-in', onlyOne: true },
  }),
  step(3, 'temp.toilet', 'Have a hired toilet brought', own('once', 30), {
    materials: [byJob('hired-toilet', 'Toilet, hired', 'hire', 180, { lead: 3 })],
    says: ['hired toilet'],
    onlyIf: { occupancy: 'lived-in', onlyOne: true },
  }),
  step(3, 'temp.wash', 'Arrange where you wash meanwhile', own('once', 20), {
    says: ['wash elsewhere'],
    onlyIf: { occupancy: 'lived-in', onlyOne: true },
  }),
  step(3, 'safe.isolate', 'Isolate power, water and gas, and prove it', own('once', 30), {
    cautions: ['power', 'gas', 'live-panel'],
    says: ['isolate', 'shut off', 'prove dead'],
  }),
  step(3, 'safe.dust-wall', 'Wall off the dust', own('once', 60), {
    materials: [byJob('sheeting', 'Dust sheeting and zip door', 'set', 32)],
    cautions: ['dust', 'negative-pressure'],
    says: ['dust wall', 'sheeting', 'plastic up'],
  }),
  step(3, 'safe.protect', 'Cover what stays', own('floor', 20, 100, { setup: 15 }), {
    materials: [
      material('floor-board', 'Floor protection roll', 'roll', 300, 46, { metric: ['roll', 28] }),
    ],
    says: ['protect', 'cover floor'],
  }),
  step(
    3,
    'safe.abate',
    'Lead or asbestos removed by the licensed firm',
    trade('licensed removal firm', 2, 1_900),
    {
      at: 'house',
      cautions: ['lead-asbestos'],
      meets: [{ condition: 'clean-air' }],
      says: ['abatement', 'removal firm'],
    },
  ),
];
