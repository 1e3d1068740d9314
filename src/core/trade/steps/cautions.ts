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
  'plaster-ceiling':
    'Old plaster is heavy and comes down in sheets: prop it, stand clear, a small piece at a time.',
  'cast-iron': 'Hold an iron stack above the cut before you cut it: it falls with all its weight.',
  'open-joists':
    'Walk on boards laid over the joists. Between them is nothing but the ceiling below.',
  'two-at-beam': 'Never one person at a bearing wall or a beam. Agree who says stop.',
  glass: 'Two people, gloves with grip, suction cups. Safety glass where the code asks for it.',
  attic: 'Heat and air: short turns, somebody who knows you are up there, feet on the joists.',
  'floor-fumes':
    'Floor finish: all flames and pilots out, windows open, nobody sleeps there tonight.',
  rags: 'Oily rags catch fire by themselves: flat outside, or under water in a closed tin.',
  trench: 'A trench over 4 ft is shored or sloped before anyone steps in. Spoil 2 ft back.',
  digging: 'Buried lines are marked first; dig by hand beside a mark.',
  overhead: 'Overhead lines: ladders, poles and trucks stay 10 ft away.',
  'live-panel': 'With its main off a panel is still live where the supply comes in. Licensed work.',
  co: 'Heaters that burn: a CO alarm beside them, a window open, never a grill or generator inside.',
  foam: 'Sprayed foam: out of the room until the label lets you back in.',
  'fibre-cement': 'Fibre-cement dust is silica: shears or a vacuum saw outside, and a P100 mask.',
  chimney:
    'Make sure that no boiler still uses this flue, and that no chimney breast hangs above it.',
  jacking: 'At most an eighth of an inch a day, cribbing follows the jack, nobody under the load.',
  'buried-cable': 'Old cable is not buried in insulation before an electrician has seen it.',
  droppings: 'Droppings: wet them first, mask and gloves, never sweep or blow them dry.',
  sampling: 'Who may take a sample differs: ask. Wet it, a small piece, seal the place.',
  'negative-pressure':
    'No fan that sucks air out where an open-flued heater or boiler draws from the same air.',
  'alarm-covers': 'Covered while you make dust, uncovered before anyone sleeps.',
  'dry-tonight': 'Dry until tonight? Do not cut unless the hole is closed again before dusk.',
  wind: 'Not in wind, not on wet or icy sheathing.',
  concrete: 'Wet concrete burns the skin: gloves, boots, wash at once.',
  blades: 'Nails, blades and tired hands: stop time is part of the plan.',
} as const;

export type CautionId = keyof typeof CAUTIONS;
export const DEFERS = 'Your local code and a licensed trade decide.';
