import { material, own, step, type Step } from '../step';

/** Stages 17 and 19 to 21: the outside, the cleaning, the moving, the rest. */
export const CLOSE: readonly Step[] = [
  step(17, 'outside.siding', 'Hang the siding', own('walls', 170, 100, { hands: 2 }), {
    materials: [material('siding', 'Siding', 'bundle', 100, 310, { waste: 10, lead: 16 })],
    cautions: ['falls', 'silica'],
    tags: ['outside-finish'],
    says: ['siding', 'cladding'],
  }),
  step(17, 'outside.paint', 'Paint the outside', own('walls', 60, 100), {
    wait: { hours: 16, what: 'The outside paint dries' },
    materials: [material('outside-paint', 'Outside paint', 'gallon', 300, 46)],
    cautions: ['falls', 'lead-asbestos'],
    tags: ['outside-finish'],
    says: ['paint outside', 'outside paint', 'paint face'],
  }),
  step(17, 'outside.deck', 'Lay the porch boards', own('floor', 240, 100), {
    materials: [material('decking', 'Porch boards', 'length', 4, 17, { waste: 8, lead: 6 })],
    cautions: ['blades'],
    tags: ['outside-finish'],
    says: ['decking', 'porch boards', 'deck boards'],
  }),
  step(17, 'outside.rail', 'Porch steps and rails', own('once', 480), {
    materials: [material('porch-rail', 'Rails, balusters, treads', 'set', 1, 340, { lead: 6 })],
    cautions: ['falls'],
    tags: ['outside-finish'],
    says: ['porch rails', 'porch steps'],
  }),
  step(17, 'outside.grade', 'Grade the ground away from the wall', own('floor', 60, 100), {
    cautions: ['water'],
    tags: ['outside-finish'],
    says: ['grade', 'grading', 'soil', 'dig'],
  }),
  step(19, 'close.clean', 'Clean the room', own('floor', 40, 100, { setup: 20 }), {
    cautions: ['dust'],
    tags: ['for-living'],
    says: ['clean', 'cleaning', 'cleaned'],
  }),
  step(19, 'close.punch', 'Work off the punch list', own('once', 150), {
    meets: [{ condition: 'punch' }],
    says: ['punch list', 'snags', 'touch ups'],
  }),
  step(20, 'move.in', 'Move in', own('once', 480, 1, { hands: 2 }), {
    at: 'house',
    cautions: ['weight'],
    says: ['move in', 'moving in'],
  }),
  step(21, 'after.papers', 'File manuals, warranties and colours', own('once', 120), {
    at: 'house',
    meets: [{ condition: 'papers' }],
    says: ['papers', 'manuals', 'warranties'],
  }),
  step(21, 'after.season', 'Look again after the first season', own('once', 120), {
    at: 'house',
    says: ['season check'],
  }),
];
