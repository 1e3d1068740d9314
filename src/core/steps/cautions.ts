/** What can hurt somebody. Short; shown on the job before it starts; never a substitute for the code or a licence. */
export const CAUTIONS = {
  'lead-asbestos':
    'Old coatings, tile, mastic, wrap or plaster may hold lead or asbestos. Test first; removal is licensed work.',
  dust: 'Plaster, mould and sanding dust: seal the room, wear a mask that suits, bag it out.',
  silica: 'Cutting tile, screed or masonry: wet, or with a vacuum, and a P100 mask.',
  power: 'Off, locked off and proved dead before you touch it. Panel and service work is licensed.',
  gas: 'Gas is licensed work only. Smell it: out, and call.',
  structure:
    'No stud, joist or truss is cut on a guess. Sizes come from an engineer. Never cut a truss.',
  falls: 'Roof, ladder, open stair, floor opening: edge first, then work. Not alone, not in wind.',
  weight: 'Two people or a lift. Bring ceilings down in pieces.',
  fumes: 'Open the window, no flame. Rags dry flat outside.',
  fibre: 'Gloves, sleeves, mask. In an attic step on joists and mind the heat.',
  water: 'Know the shut-off, cap every open drain: sewer gas and floods come at night.',
  heat: 'Hot work near old timber: shield it and watch it for an hour after.',
  blades: 'Nails, blades and tired hands: stop time is part of the plan.',
} as const;

export type CautionId = keyof typeof CAUTIONS;
export const DEFERS = 'Your local code and a licensed trade decide.';
