/** The six places on the rail, and the further ones under it. */
export const RAIL = [
  { href: '/today', label: 'Today' },
  { href: '/house', label: 'House' },
  { href: '/order', label: 'Order' },
  { href: '/stores', label: 'Stores' },
  { href: '/spend', label: 'Spend' },
  { href: '/keys', label: 'Keys' },
] as const;

export const FURTHER = [
  { href: '/walk', label: 'Walk', note: 'Place by place: what stays, what goes, what frightens' },
  {
    href: '/compare',
    label: 'Decisions',
    note: 'Weigh two ways side by side; what was decided and why',
  },
  {
    href: '/whatif',
    label: 'What if',
    note: 'Change something, see the difference, keep or drop it',
  },
  { href: '/measure', label: 'Measure', note: 'One pass with the tape, room by room' },
  { href: '/sums', label: 'Sums', note: 'Every calculator, from a room or typed sizes' },
  { href: '/journal', label: 'Journal', note: 'The days, newest first' },
  { href: '/share', label: 'Share', note: 'Export, import, tables, other houses' },
  { href: '/settings', label: 'Settings', note: 'Hours, helpers, units, budget, theme' },
] as const;

/** Found from Keys and the Journal, and on a phone among the further places: the rail has no room for more. */
export const BEHIND = [
  { href: '/walls', label: 'Behind walls', note: 'May I screw here?' },
  {
    href: '/visits',
    label: 'Inspections',
    note: 'Each visit in its order',
  },
  { href: '/punch', label: 'Punch list', note: 'What is to be put right' },
  {
    href: '/history',
    label: 'History',
    note: 'Every change, who and when; take any of them back',
  },
] as const;
