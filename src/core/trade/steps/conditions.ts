/** The three gates before a house is a home again, and what each asks for. */
export const GATES = ['sleep', 'live', 'done'] as const;
export type GateId = (typeof GATES)[number];

export const CONDITIONS = [
  { id: 'structure', gate: 'sleep', title: 'No open structure over or under you' },
  { id: 'door', gate: 'sleep', title: 'A door that locks, and new keys' },
  { id: 'power', gate: 'sleep', title: 'Safe power, no open boxes where you sleep' },
  { id: 'alarms', gate: 'sleep', title: 'Smoke and CO alarms working' },
  { id: 'way-out', gate: 'sleep', title: 'A way out from each bedroom' },
  { id: 'toilet', gate: 'sleep', title: 'Water on, one toilet and basin, no open drain' },
  { id: 'heat', gate: 'sleep', title: 'Heat for the season' },
  { id: 'stairs', gate: 'sleep', title: 'Stairs with rails' },
  { id: 'clean-air', gate: 'sleep', title: 'No lead or asbestos dust' },
  { id: 'closed-off', gate: 'sleep', title: 'The work area closed off' },
  { id: 'bath', gate: 'live', title: 'A bath or shower' },
  { id: 'cook', gate: 'live', title: 'A place to cook, wash up and keep food cold' },
  { id: 'laundry', gate: 'live', title: 'Laundry reached' },
  { id: 'hot-water', gate: 'live', title: 'Hot water' },
  { id: 'lights', gate: 'live', title: 'Lights' },
  { id: 'floors', gate: 'live', title: 'Floors that can be cleaned' },
  { id: 'finals', gate: 'live', title: 'Required final inspections' },
  { id: 'certificate', gate: 'live', title: "The office's certificate, where one is due" },
  { id: 'punch', gate: 'done', title: 'Punch list empty' },
  { id: 'papers', gate: 'done', title: 'Manuals, warranties, spares and colours filed' },
  { id: 'money', gate: 'done', title: 'All money settled' },
] as const satisfies readonly { id: string; gate: GateId; title: string }[];

export type Condition = (typeof CONDITIONS)[number];
export type ConditionId = Condition['id'];
